<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class ChangeRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'name' => [$this->isMethod('DELETE') ? 'prohibited' : 'required', 'string', 'max:80'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }
}
