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
            'foils' => ['nullable', 'integer', 'between:1,400'],
            'place' => ['nullable', 'string', 'max:120'],
            'hands' => ['nullable', 'string', 'max:120'],
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

    /**
     * @return array{foils: ?int, place: string, hands: string} what this batch is for, where it is not all of the
     *     bowl's
     */
    public function serves(): array
    {
        return [
            'foils' => $this->filled('foils') ? $this->integer('foils') : null,
            'place' => $this->string('place')->trim()->value(),
            'hands' => $this->string('hands')->trim()->value(),
        ];
    }
}
