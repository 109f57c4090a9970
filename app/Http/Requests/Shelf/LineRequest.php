<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use Illuminate\Foundation\Http\FormRequest;

/** A line, as a document writes it; the core reads it. */
final class LineRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['sometimes', 'integer', 'min:0'],
            'line' => ['required', 'array'],
            'about' => ['nullable', 'string', 'max:300'],
            'withdrawn' => ['sometimes', 'boolean'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> */
    public function line(): array
    {
        return (array) $this->json('line');
    }

    public function about(): string
    {
        return $this->string('about')->trim()->value();
    }

    public function withdrawn(): bool
    {
        return $this->boolean('withdrawn');
    }
}
