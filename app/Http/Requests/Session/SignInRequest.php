<?php

declare(strict_types=1);

namespace App\Http\Requests\Session;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function email(): string
    {
        return $this->string('email')->value();
    }

    /** Of the second factor; empty where none was asked for yet. */
    public function code(): string
    {
        return $this->string('code')->value();
    }

    public function password(): string
    {
        return $this->string('password')->value();
    }
}
