<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class SayLastedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'lasting' => ['nullable', 'boolean'],
            'greyShown' => ['nullable', 'boolean'],
            'weeks' => ['nullable', 'integer', 'between:0,200'],
        ];
    }

    public function lasting(): ?bool
    {
        return $this->filled('lasting') ? $this->boolean('lasting') : null;
    }

    public function greyShown(): ?bool
    {
        return $this->filled('greyShown') ? $this->boolean('greyShown') : null;
    }

    public function weeks(): ?int
    {
        return $this->filled('weeks') ? $this->integer('weeks') : null;
    }
}
