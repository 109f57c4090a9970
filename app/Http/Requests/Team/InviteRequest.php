<?php

declare(strict_types=1);

namespace App\Http\Requests\Team;

use App\Enums\Role;
use App\Words\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class InviteRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'max:190', 'email:rfc'],
            'role' => ['required', Rule::enum(Role::class)],
            'licence' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->value());
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Say::plain('Who is it?'),
            'email.required' => Say::plain('With which mail address will they sign in?'),
            'email.email' => Say::plain('This is no mail address. Write it as name@salon.example.'),
        ];
    }
}
