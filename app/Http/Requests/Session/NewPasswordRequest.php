<?php

declare(strict_types=1);

namespace App\Http\Requests\Session;

use Illuminate\Foundation\Http\FormRequest;

final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'password' => ['required', 'string', 'max:200'],
            'new' => ['required', 'string', 'min:10', 'max:200', 'different:password'],
        ];
    }

    public function password(): string
    {
        return $this->string('password')->value();
    }

    public function newPassword(): string
    {
        return $this->string('new')->value();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'new.min' => 'A password has ten letters or more; a few plain words are good.',
            'new.different' => 'This is the password you have.',
        ];
    }
}
