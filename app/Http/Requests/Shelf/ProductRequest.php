<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use Illuminate\Foundation\Http\FormRequest;

/** A product or a developer, as it is written; the core reads it. */
final class ProductRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['sometimes', 'integer', 'min:0'],
            'product' => ['required', 'array'],
            'withdrawn' => ['sometimes', 'boolean'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> */
    public function product(): array
    {
        return (array) $this->json('product');
    }

    public function withdrawn(): bool
    {
        return $this->boolean('withdrawn');
    }
}
