<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

final class WrittenBowlsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:4000']];
    }

    public function text(): string
    {
        return $this->string('text')->value();
    }
}
