<?php

declare(strict_types=1);

namespace App\Http\Requests\Session;

use App\Models\TeamMember;
use App\Rules\HardToGuess;
use App\Words\Say;
use Illuminate\Foundation\Http\FormRequest;

final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $member = $this->user();
        $own = $member instanceof TeamMember ? [$member->name, $member->email, $member->salon->name] : [];

        return [
            'password' => ['required', 'string', 'max:200'],
            'new' => ['required', 'string', 'min:10', 'max:200', 'different:password', new HardToGuess($own)],
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
            'new.min' => Say::plain('A password has ten letters or more; a few plain words are good.'),
            'new.different' => Say::plain('This is the password you have.'),
        ];
    }
}
