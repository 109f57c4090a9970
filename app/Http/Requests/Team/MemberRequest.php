<?php

declare(strict_types=1);

namespace App\Http\Requests\Team;

use App\Enums\Role;
use App\Words\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MemberRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'name' => ['required', 'string', 'max:120'],
            'initials' => ['required', 'string', 'max:3', 'regex:/^\p{L}+$/u'],
            'role' => ['required', Rule::enum(Role::class)],
            'licence' => ['nullable', 'string', 'max:60'],
            'ended' => ['required', 'boolean'],
        ];
    }

    /** @return array{name: string, initials: string, role: Role, licence: string, ended: bool} */
    public function said(): array
    {
        return [
            'name' => $this->string('name')->trim()->value(),
            'initials' => mb_strtoupper($this->string('initials')->trim()->value()),
            'role' => Role::from($this->string('role')->value()),
            'licence' => $this->string('licence')->trim()->value(),
            'ended' => $this->boolean('ended'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Say::plain('A person has a name.'),
            'initials.*' => Say::plain('Initials are one to three letters.'),
        ];
    }
}
