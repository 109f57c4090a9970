<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use App\Enums\NotHeld;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class EndVisitRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            // Null takes it up again.
            'why' => ['present', 'nullable', Rule::enum(NotHeld::class)],
            'reason' => ['nullable', 'string', 'max:280'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function why(): ?NotHeld
    {
        return NotHeld::tryFrom($this->string('why')->value());
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }
}
