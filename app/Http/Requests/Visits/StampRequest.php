<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Core\Timing\Side;
use Core\Timing\StampKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StampRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(StampKind::class)],
            'words' => ['nullable', 'string', 'max:200'],
            'minutes' => ['nullable', 'integer', 'between:1,60', 'required_if:kind,more'],
            'batch' => ['nullable', 'uuid'],
            // A side of a later batch has no clock of its own: the batch has.
            'side' => ['nullable', Rule::enum(Side::class), 'prohibits:batch'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function kind(): StampKind
    {
        return StampKind::from($this->string('kind')->value());
    }

    public function words(): string
    {
        return $this->string('words')->trim()->value();
    }

    /** Given beyond the plan. */
    public function minutes(): int
    {
        return $this->kind() === StampKind::More ? $this->integer('minutes') : 0;
    }

    /** Where the sides are timed apart; null for all of it. */
    public function side(): ?Side
    {
        return Side::tryFrom($this->string('side')->value());
    }

    /** Of a batch that has a clock of its own; null for the bowl's. */
    public function batch(): ?string
    {
        return $this->filled('batch') ? $this->string('batch')->lower()->value() : null;
    }
}
