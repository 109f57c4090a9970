<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use App\Words\Say;
use Core\Hair\Elasticity;
use Core\Units\Fraction;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class TrialRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            // 1 to 12, halves and tenths as people write them.
            'level' => ['required', 'string', 'regex:/^\s*(1[0-2]|[1-9])([.,]\d)?\s*$/'],
            'tone' => ['nullable', 'string', 'max:60'],
            'minutes' => ['nullable', 'integer', 'between:1,240'],
            'elasticity' => ['nullable', Rule::enum(Elasticity::class)],
            'words' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> */
    public function result(): array
    {
        return [
            'level' => Fraction::parse(str_replace(
                ',',
                '.',
                $this->string('level')->trim()->value(),
            ))->decimal(1), 'tone' => $this->string('tone')->trim()->value(),
            'minutes' => $this->filled('minutes') ? $this->integer('minutes') : null,
            'elasticity' => $this->filled('elasticity') ? $this->string('elasticity')->value() : null,
            'words' => $this->string('words')->trim()->value(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['level.regex' => Say::plain('A level is a number from 1 to 12, such as 8 or 8.5.')];
    }
}
