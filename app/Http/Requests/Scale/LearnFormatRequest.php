<?php

declare(strict_types=1);

namespace App\Http\Requests\Scale;

use App\Words\Say;
use Core\Scale\LearnFormat;
use Core\Scale\LineFormat;
use Core\Scale\WeightUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Lines that a scale has sent, in the order in which they teach how it writes. */
final class LearnFormatRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:40'],
            'unit' => ['sometimes', Rule::enum(WeightUnit::class)],
            'lines' => ['required', 'array', 'list', 'min:3', 'max:12'],
            'lines.*' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lines.min' => Say::plain(
                'Paste three lines: one with nothing on the scale, one with something on it, and one while something is poured.',
            ),
        ];
    }

    /** @throws \Core\Scale\FormatRefused */
    public function learnt(): LineFormat
    {
        [$empty, $loaded, $moving] = $this->lines();

        return LearnFormat::from($empty, $loaded, $moving, WeightUnit::from($this->string('unit', 'g')->value()));
    }

    /** @return list<string> */
    public function lines(): array
    {
        return array_values(array_map(
            static fn (mixed $line): string => is_string($line) ? $line : '',
            (array) $this->json('lines'),
        ));
    }

    public function named(): string
    {
        return $this->string('name')->trim()->value();
    }
}
