<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use Illuminate\Foundation\Http\FormRequest;

final class WaiverRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'reason' => ['required', 'string', 'min:5', 'max:300'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }
}
