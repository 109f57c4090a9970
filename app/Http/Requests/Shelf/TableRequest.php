<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Shelf\ShadeTable;
use App\Words\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A table of products as text, and what its columns hold. */
final class TableRequest extends FormRequest
{
    /** Characters: some two thousand rows with much in them. */
    private const LONGEST = 1_000_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:'.self::LONGEST],
            'fields' => ['sometimes', 'nullable', 'array', 'max:60'],
            'fields.*' => ['nullable', 'string', Rule::in(['', ...array_keys(ShadeTable::FIELDS)])],
        ];
    }

    public function text(): string
    {
        return (string) $this->json('text');
    }

    /** @return ?list<string> */
    public function fields(): ?array
    {
        return $this->filled('fields')
            ? array_values(
                array_map(static fn (mixed $field): string => is_string($field) ? $field : '', $this->array('fields')),
            )
            : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required' => Say::plain('There is no table yet: paste one, or choose a file.'),
            'text.max' => Say::plain(
                'The table is larger than a line of products ever is: cut it, and bring it in in parts.',
            ),
        ];
    }
}
