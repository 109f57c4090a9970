<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use App\Enums\Verdict;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is corrected of a closed visit; what is not named stays. */
final class AmendVisitRequest extends FormRequest
{
    private const WORDS = ['service', 'note', 'outcome', 'keep', 'change'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'why' => ['required', 'string', 'min:3', 'max:280'],
            'service' => ['sometimes', 'required', 'string', 'max:120'],
            'note' => ['sometimes', 'nullable', 'string', 'max:2000'],
            'outcome' => ['sometimes', 'nullable', 'string', 'max:1000'],
            'keep' => ['sometimes', 'nullable', 'string', 'max:1000'],
            'change' => ['sometimes', 'nullable', 'string', 'max:1000'],
            'verdict' => ['sometimes', Rule::enum(Verdict::class)],
            'covering' => ['sometimes', 'nullable', 'boolean'],
            'bright' => ['sometimes', 'nullable', 'boolean'],
            'nextOn' => ['sometimes', 'nullable', 'date', 'before:+3 years'],
            'results' => ['sometimes', 'array', 'max:60'],
            'results.*' => ['array:zone,level,tone,even,covered,elasticity,words,strand'],
            'bowls' => ['sometimes', 'array', 'max:100'],
            'bowls.*.id' => ['required', 'uuid'],
            'bowls.*.minutes' => ['sometimes', 'nullable'],
            'bowls.*.note' => ['sometimes', 'nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'why.required' => Say::plain('Say why it is corrected: it stands beside the first words.'),
            'why.min' => Say::plain('Say why it is corrected: it stands beside the first words.'),
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function why(): string
    {
        return $this->string('why')->trim()->value();
    }

    /** @return array<string, mixed> by column */
    public function changes(): array
    {
        $changes = [];
        foreach (self::WORDS as $field) {
            if ($this->has($field)) {
                $changes[$field] = $this->string($field)->trim()->value();
            }
        }
        foreach (['covering', 'bright'] as $field) {
            if ($this->has($field)) {
                $changes[$field] = $this->input($field) === null ? null : $this->boolean($field);
            }
        }
        if ($this->has('verdict')) {
            $changes['verdict'] = Verdict::from($this->string('verdict')->value());
        }
        if ($this->has('nextOn')) {
            $changes['next_on'] = $this->filled('nextOn')
                ? CarbonImmutable::parse($this->string('nextOn')->value())
                : null;
        }
        if ($this->has('results')) {
            $changes['results'] = array_values((array) $this->json('results'));
        }

        return $changes;
    }

    /** @return array<string, array{minutes?: mixed, note?: string}> by the bowl's id */
    public function bowls(): array
    {
        $bowls = [];
        foreach ((array) $this->json('bowls') as $bowl) {
            if (! is_array($bowl) || ! is_string($bowl['id'] ?? null)) {
                continue;
            }
            $words = [];
            if (array_key_exists('minutes', $bowl)) {
                // As it is typed: 35, or 25 to 35.
                $typed = is_string($bowl['minutes']) ? trim($bowl['minutes']) : $bowl['minutes'];
                $words['minutes'] = match (true) {
                    $typed === '' => null,
                    is_string($typed) && ctype_digit($typed) && strlen($typed) < 6 => (int) $typed,
                    default => $typed,
                };
            }
            if (array_key_exists('note', $bowl)) {
                $words['note'] = is_string($bowl['note']) ? trim($bowl['note']) : '';
            }
            $bowls[strtolower($bowl['id'])] = $words;
        }

        return $bowls;
    }
}
