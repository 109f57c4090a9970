<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use Core\Safety\Contraindication;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ContraindicationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(Contraindication::class)],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function kind(): Contraindication
    {
        return Contraindication::from($this->string('kind')->value());
    }

    public function note(): string
    {
        return $this->string('note')->trim()->value();
    }
}
