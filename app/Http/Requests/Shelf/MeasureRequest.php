<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use Illuminate\Foundation\Http\FormRequest;

final class MeasureRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['present', 'nullable', 'string', 'max:40'],
            'grams' => ['present', 'nullable', 'string', 'max:40'],
            'product' => ['sometimes', 'nullable', 'string', 'max:30'],
        ];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    public function grams(): string
    {
        return $this->string('grams')->trim()->value();
    }

    /** Of which product; empty for whatever it is filled with. */
    public function product(): string
    {
        return $this->string('product')->value();
    }
}
