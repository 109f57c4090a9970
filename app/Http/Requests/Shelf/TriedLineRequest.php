<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use Illuminate\Foundation\Http\FormRequest;

/** A line as it is being typed, and codes to be read by it. */
final class TriedLineRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'of' => ['sometimes', 'nullable', 'string', 'max:30'],
            'line' => ['required', 'array'],
            'codes' => ['present', 'array', 'max:2000'],
            'codes.*' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** Which line is being changed; null for a new one. */
    public function of(): ?int
    {
        $of = $this->string('of')->value();

        return preg_match('/^line-(\d{1,18})$/', $of, $m) === 1 ? (int) $m[1] : null;
    }

    /** @return array<string, mixed> */
    public function line(): array
    {
        return (array) $this->json('line');
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_values(
            array_map(static fn (mixed $code): string => is_string($code) ? $code : '', $this->array('codes')),
        );
    }
}
