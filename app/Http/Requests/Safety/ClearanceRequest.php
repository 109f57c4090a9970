<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use App\Rules\RealReason;
use Illuminate\Foundation\Http\FormRequest;

final class ClearanceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'clearance' => ['required', 'string', 'max:300', new RealReason],
            'password' => ['required', 'string', 'max:200'],
        ];
    }

    public function clearance(): string
    {
        return $this->string('clearance')->trim()->value();
    }
}
