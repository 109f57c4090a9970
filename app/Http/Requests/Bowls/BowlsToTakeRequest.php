<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

final class BowlsToTakeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['q' => ['nullable', 'string', 'min:2', 'max:80']];
    }

    public function name(): string
    {
        return $this->string('q')->trim()->value();
    }
}
