<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class WalkInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'client' => ['nullable', 'integer', 'required_without:name'],
            'name' => ['nullable', 'string', 'max:120', 'required_without:client'],
            'service' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function client(): ?int
    {
        return $this->filled('client') ? $this->integer('client') : null;
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    public function service(): string
    {
        $service = $this->string('service')->trim()->value();

        return $service === '' ? 'Walk-in' : $service;
    }
}
