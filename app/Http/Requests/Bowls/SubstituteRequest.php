<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

final class SubstituteRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'bowl' => ['required', 'array'],
            'product' => ['required', 'string', 'max:60'],
            'why' => ['nullable', 'string', 'max:300'],
            'visit' => ['nullable', 'uuid'],
        ];
    }

    /** @return array<string, mixed> */
    public function bowl(): array
    {
        return (array) $this->json('bowl');
    }

    public function product(): string
    {
        return $this->string('product')->trim()->value();
    }

    public function why(): string
    {
        return $this->string('why')->trim()->value();
    }
}
