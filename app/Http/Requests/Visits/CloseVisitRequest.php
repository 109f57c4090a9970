<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use App\Enums\Verdict;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class CloseVisitRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'verdict' => ['required', Rule::enum(Verdict::class)],
            'outcome' => ['nullable', 'string', 'max:1000'],
            'keep' => ['nullable', 'string', 'max:1000'],
            'change' => ['nullable', 'string', 'max:1000'],
            'results' => ['sometimes', 'array', 'max:60'],
            'results.*' => ['array:zone,level,tone,even,covered,elasticity,words,strand'],
            'lasting' => ['nullable', 'boolean'],
            'covering' => ['nullable', 'boolean'],
            'bright' => ['nullable', 'boolean'],
            'nextOn' => ['nullable', 'date', 'after:today', 'before:+3 years'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function verdict(): Verdict
    {
        return Verdict::from($this->string('verdict')->value());
    }

    /** @return array{outcome: string, keep: string, change: string} */
    public function words(): array
    {
        return [
            'outcome' => $this->string('outcome')->trim()->value(),
            'keep' => $this->string('keep')->trim()->value(),
            'change' => $this->string('change')->trim()->value(),
        ];
    }

    /**
     * @return array{results: list<mixed>, lasting: ?bool, covering: ?bool, bright: ?bool, next_on: ?CarbonImmutable}
     */
    public function review(): array
    {
        $said = fn (string $key): ?bool => $this->input($key) === null ? null : $this->boolean($key);

        return [
            'results' => array_values((array) $this->json('results')),
            'lasting' => $said('lasting'),
            'covering' => $said('covering'),
            'bright' => $said('bright'),
            'next_on' => $this->filled('nextOn') ? CarbonImmutable::parse($this->string('nextOn')->value()) : null,
        ];
    }
}
