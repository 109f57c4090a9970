<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use Illuminate\Foundation\Http\FormRequest;

final class HouseBlendRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'bowl' => ['required', 'array']];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    /** @return array<string, mixed> */
    public function bowl(): array
    {
        return (array) $this->json('bowl');
    }
}
