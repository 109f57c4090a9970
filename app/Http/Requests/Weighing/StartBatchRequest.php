<?php

declare(strict_types=1);

namespace App\Http\Requests\Weighing;

use Illuminate\Foundation\Http\FormRequest;

final class StartBatchRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'times' => ['nullable', 'string', 'max:10'],
            'strength' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function times(): string
    {
        return $this->string('times')->trim()->value();
    }

    public function strength(): string
    {
        return $this->string('strength')->trim()->value();
    }
}
