<?php

declare(strict_types=1);

namespace App\Http\Requests\Team;

use App\Rules\HardToGuess;
use App\Words\Say;
use Illuminate\Foundation\Http\FormRequest;

final class AcceptRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'password' => [
                'required',
                'string',
                'min:10',
                'max:200',
                new HardToGuess(array_filter([$this->input('name')], is_string(...))),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Say::plain('What is your name?'),
            'password.required' => Say::plain('A password has ten letters or more; a few plain words are good.'),
            'password.min' => Say::plain('A password has ten letters or more; a few plain words are good.'),
        ];
    }
}
