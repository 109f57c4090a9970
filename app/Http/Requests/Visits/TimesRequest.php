<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

/** Times as they are tried or kept; what they may be is read by the core. */
final class TimesRequest extends FormRequest
{
    private const MEMBERS = 'array:minutes,applying,clock,after,afterFrom,plus,starts,rinse,through,emulsify,lookFrom,until,heat';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->isMethod('PATCH') ? [
            'version' => ['required', 'integer', 'min:1'],
            'set' => ['required', self::MEMBERS],
        ] : [
            'version' => ['sometimes', 'integer', 'min:1'],
            'hands' => ['nullable', 'integer', 'between:1,8'],
            'bowls' => ['nullable', 'array', 'max:24'],
            'bowls.*' => [self::MEMBERS],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function hands(): ?int
    {
        return $this->filled('hands') ? $this->integer('hands') : null;
    }

    /** @return array<string, mixed> */
    public function set(): array
    {
        return $this->array('set');
    }

    /** @return array<string, array<string, mixed>> by bowl id */
    public function bowls(): array
    {
        return $this->array('bowls');
    }
}
