<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

final class ArrangeBowlRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'round' => ['required', 'uuid'],
            'place' => ['required', 'integer', 'between:0,100'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function round(): string
    {
        return $this->string('round')->lower()->value();
    }

    public function place(): int
    {
        return $this->integer('place');
    }
}
