<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

final class MergeBowlsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'other' => ['required', 'uuid'],
            'otherVersion' => ['required', 'integer', 'min:1'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function other(): string
    {
        return $this->string('other')->lower()->value();
    }

    public function otherVersion(): int
    {
        return $this->integer('otherVersion');
    }
}
