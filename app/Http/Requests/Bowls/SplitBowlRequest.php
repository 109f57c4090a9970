<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Core\Units\Fraction;
use Illuminate\Foundation\Http\FormRequest;

final class SplitBowlRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'version' => ['required', 'integer', 'min:0'],
            'letter' => ['required', 'string', 'max:2'],
            'percent' => ['nullable', 'integer', 'between:1,99'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function letter(): string
    {
        return $this->string('letter')->trim()->value();
    }

    /** What moves into the new bowl; null to copy all of it. */
    public function share(): ?Fraction
    {
        return $this->filled('percent') ? Fraction::of($this->integer('percent'), 100) : null;
    }
}
