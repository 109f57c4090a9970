<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Core\Record\Change;
use Core\Record\ChangeKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class AdjustBowlRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'bowl' => ['required', 'array'],
            'change' => ['required', 'array:kind,value,from,to'],
            'change.kind' => ['required', Rule::enum(ChangeKind::class)],
            'change.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, mixed> */
    public function bowl(): array
    {
        return (array) $this->json('bowl');
    }

    public function change(): Change
    {
        return Change::fromArray($this->array('change'));
    }
}
