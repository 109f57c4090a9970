<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Core\Timing\StampKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StampTogetherRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in([StampKind::Rinsed->value, StampKind::Emulsified->value, StampKind::Through->value, StampKind::Checked->value])],
            'marks' => ['required', 'array', 'min:1', 'max:24'],
            'marks.*' => ['array:id,bowl,batch'],
            'marks.*.id' => ['required', 'uuid', 'distinct'],
            'marks.*.bowl' => ['required', 'uuid'],
            'marks.*.batch' => ['nullable', 'uuid'],
        ];
    }

    public function kind(): StampKind
    {
        return StampKind::from($this->string('kind')->value());
    }

    /** @return list<array{id: string, bowl: string, batch: ?string}> */
    public function marks(): array
    {
        return array_values($this->collect('marks')->map(fn (array $mark): array => [
            'id' => mb_strtolower((string) $mark['id']),
            'bowl' => mb_strtolower((string) $mark['bowl']),
            'batch' => isset($mark['batch']) ? mb_strtolower((string) $mark['batch']) : null,
        ])->all());
    }
}
