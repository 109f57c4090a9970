<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Core\Timing\Side;
use Core\Timing\StampKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StampTogetherRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => [
                'required',
                Rule::in(
                    [
                        StampKind::Rinsed->value,
                        StampKind::Emulsified->value,
                        StampKind::Through->value,
                        StampKind::Checked->value,
                    ],
                ),
            ],
            'marks' => ['required', 'array', 'min:1', 'max:24'],
            'marks.*' => ['array:id,bowl,batch,side'],
            'marks.*.id' => ['required', 'uuid', 'distinct'],
            'marks.*.bowl' => ['required', 'uuid'],
            'marks.*.batch' => ['nullable', 'uuid'],
            // A side of a later batch has no clock of its own: the batch has.
            'marks.*.side' => ['nullable', Rule::enum(Side::class), 'prohibits:marks.*.batch'],
        ];
    }

    public function kind(): StampKind
    {
        return StampKind::from($this->string('kind')->value());
    }

    /** @return list<array{id: string, bowl: string, batch: ?string, side: ?Side}> */
    public function marks(): array
    {
        return array_values($this->collect('marks')->map(fn (array $mark): array => [
            'id' => mb_strtolower((string) $mark['id']),
            'bowl' => mb_strtolower((string) $mark['bowl']),
            'batch' => isset($mark['batch']) ? mb_strtolower((string) $mark['batch']) : null,
            'side' => Side::tryFrom((string) ($mark['side'] ?? '')),
        ])->all());
    }
}
