<?php

declare(strict_types=1);

namespace App\Http\Requests\Salons;

use App\Accounts\CanonicalEmail;
use App\Models\TeamMember;
use App\Rules\HardToGuess;
use App\Words\Say;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

final class BeginRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'salon' => ['required', 'string', 'max:120'],
            'timezone' => ['required', 'string', 'timezone:all'],
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'max:190', 'email:rfc', function (
                string $at,
                mixed $value,
                Closure $fail,
            ): void {
                if (is_string($value) && TeamMember::query()->where('email', CanonicalEmail::of($value))->exists()) {
                    $fail(Say::plain('This address belongs to somebody already. Sign in with it, or take another.'));
                }
            }],
            'password' => [
                'required',
                'string',
                'min:10',
                'max:200',
                new HardToGuess(
                    array_values(
                        array_filter(
                            [$this->input('name'), $this->input('email'), $this->input('salon')],
                            is_string(...),
                        ),
                    ),
                ),
            ],
        ];
    }

    /** @return array{salon: string, timezone: string, name: string, email: string, password: string} */
    public function said(): array
    {
        return [
            'salon' => $this->string('salon')->trim()->value(),
            'timezone' => $this->string('timezone')->value(),
            'name' => $this->string('name')->trim()->value(),
            'email' => $this->string('email')->trim()->value(),
            'password' => $this->string('password')->value(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'salon.required' => Say::plain('What is the salon called?'),
            'timezone' => Say::plain('This is no time zone.'),
            'name.required' => Say::plain('Who owns it?'),
            'email.required' => Say::plain('With which mail address do you sign in?'),
            'email.email' => Say::plain('This is no mail address. Write it as name@salon.example.'),
            'password.required' => Say::plain('A password has ten letters or more; a few plain words are good.'),
            'password.min' => Say::plain('A password has ten letters or more; a few plain words are good.'),
        ];
    }
}
