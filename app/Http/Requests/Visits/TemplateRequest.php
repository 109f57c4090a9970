<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class TemplateRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->routeIs('template.take')
            ? ['id' => ['required', 'uuid']]
            : ['name' => ['required', 'string', 'max:80']];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }
}
