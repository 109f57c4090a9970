<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use Illuminate\Foundation\Http\FormRequest;

final class ClearanceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'clearance' => ['required', 'string', 'max:300'],
        ];
    }

    public function clearance(): string
    {
        return $this->string('clearance')->trim()->value();
    }
}
