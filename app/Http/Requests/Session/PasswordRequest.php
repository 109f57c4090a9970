<?php

declare(strict_types=1);

namespace App\Http\Requests\Session;

use Illuminate\Foundation\Http\FormRequest;

/** One's own password again; with a code of the second factor, where what is asked for wants one. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:200'], 'code' => ['sometimes', 'string', 'max:20']];
    }

    public function password(): string
    {
        return $this->string('password')->value();
    }

    public function code(): string
    {
        return $this->string('code')->value();
    }
}
