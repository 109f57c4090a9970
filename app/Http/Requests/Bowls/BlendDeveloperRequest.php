<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

final class BlendDeveloperRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['required', 'string', 'max:30'], 'wish' => ['required', 'string', 'max:40']];
    }

    public function line(): string
    {
        return $this->string('line')->value();
    }

    public function wish(): string
    {
        return $this->string('wish')->value();
    }
}
