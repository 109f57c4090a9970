<?php

declare(strict_types=1);

namespace App\Http\Requests\Lineage;

use Core\Practice\GramsMean;
use Illuminate\Foundation\Http\FormRequest;

final class DecideRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'do' => ['required', 'in:apply,dismiss,take-back'],
            'bowl' => ['nullable', 'uuid'],
            'version' => ['nullable', 'integer', 'min:1'],
            'of' => ['nullable', 'in:colour,mixture'],
            'reason' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function verb(): string
    {
        return $this->string('do')->value();
    }

    public function bowl(): ?string
    {
        return $this->filled('bowl') ? $this->string('bowl')->lower()->value() : null;
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** What its grams are of, where that was asked. */
    public function of(): GramsMean
    {
        return GramsMean::tryFrom($this->string('of')->value()) ?? GramsMean::Ask;
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }
}
