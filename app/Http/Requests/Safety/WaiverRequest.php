<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use App\Rules\RealReason;
use Illuminate\Foundation\Http\FormRequest;

final class WaiverRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'reason' => ['required', 'string', 'max:300', new RealReason],
            'password' => ['required', 'string', 'max:200'],
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
