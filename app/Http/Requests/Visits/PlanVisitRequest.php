<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

final class PlanVisitRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'service' => ['required', 'string', 'max:120'],
            'template' => ['sometimes', 'nullable', 'integer', 'min:1'],
            'startsAt' => ['required', 'date', 'after:-1 year', 'before:+2 years'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function service(): string
    {
        return $this->string('service')->trim()->value();
    }

    /** The service of the house that it begins with. */
    public function template(): ?int
    {
        return $this->filled('template') ? $this->integer('template') : null;
    }

    public function startsAt(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('startsAt')->value())->utc();
    }
}
