<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class RenameRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80']];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }
}
