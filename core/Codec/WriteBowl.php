<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\Additive;
use Core\Formula\AmountKind;
use Core\Formula\Entry;

/** Writes a bowl in the JSON shape that ReadBowl reads back to an equal bowl. */
final class WriteBowl
{
    /** @return array<string, mixed> */
    public static function toArray(BowlSheet $sheet): array
    {
        $bowl = $sheet->bowl;
        $amount = $bowl->amount ?? $sheet->open?->amount;
        $ratio = $bowl->ratio ?? $sheet->open?->ratio;

        return [
            'letter' => $sheet->letter,
            'job' => $sheet->job,
            'line' => $sheet->line,
            'ratio' => $ratio?->show() ?? '',
            'amount' => [
                'of' => $amount?->kind->value ?? AmountKind::Shares->value,
                'grams' => $amount === null || $amount->kind === AmountKind::Shares ? '' : $amount->grams->text(),
                'ingredient' => $amount?->ingredient,
            ],
            'parts' => array_map(static fn (array $part): array => ['ingredients' => array_map(static fn (Entry $entry): array => $entry->toArray(), $part)], $sheet->entries),
            'additives' => array_map(static fn (Additive $additive): array => ['product' => $additive->key, 'dose' => $additive->dose->text()], $sheet->additives()),
            'place' => ReadStrokes::write($sheet->strokes),
            'minutes' => $sheet->minutes,
            'note' => $sheet->note,
            ...$sheet->extras->toArray(),
            ...$sheet->details->toArray(),
        ];
    }
}
