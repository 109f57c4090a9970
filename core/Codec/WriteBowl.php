<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\AmountKind;
use Core\Formula\BowlAmount;
use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\Entry;
use Core\Formula\Extra;

/** Writes a bowl in the JSON shape that ReadBowl reads back to an equal bowl. */
final class WriteBowl
{
    /** @return array<string, mixed> */
    public static function toArray(BowlSheet $sheet): array
    {
        return [
            'letter' => $sheet->letter,
            'job' => $sheet->job,
            'line' => $sheet->line,
            'ratio' => $sheet->ratio?->show() ?? '?',
            'amount' => self::amount($sheet->draft->amount),
            'parts' => array_map(
                static fn (array $part): array => ['ingredients' => array_map(self::entry(...), $part)],
                $sheet->entries,
            ),
            'additives' => array_map(
                static fn (array $each): array => ['product' => $each['product'], 'dose' => $each['dose']->text()],
                $sheet->draft->additives,
            ),
            'place' => ReadStrokes::write($sheet->strokes),
            'minutes' => $sheet->details->minutesMost === null
                ? $sheet->minutes
                : "{$sheet->minutes} to {$sheet->details->minutesMost}",
            'note' => $sheet->note,
            ...($sheet->extras === [] ? [] : ['extras' => array_map(self::extra(...), $sheet->extras)]),
            ...($sheet->uses === [] ? [] : ['uses' => array_map(
                static fn (BowlUse $use): array => ['job' => $use->job, 'grams' => $use->grams->text()],
                $sheet->uses,
            )]),
            ...ReadDetails::write($sheet->details),
        ];
    }

    /** @return ?array{of: string, grams: string, ingredient: ?string} */
    private static function amount(?BowlAmount $amount): ?array
    {
        return $amount === null ? null : [
            'of' => $amount->kind->value,
            'grams' => $amount->kind === AmountKind::Shares ? '' : $amount->amount->text(),
            'ingredient' => $amount->ingredient,
        ];
    }

    /** @return array<string, mixed> only what is said */
    private static function entry(Entry $entry): array
    {
        return array_filter([
            'product' => $entry->product,
            'blend' => $entry->blend,
            'version' => $entry->version,
            'share' => $entry->portion->text(),
            'said' => $entry->said,
            'words' => $entry->words,
            'or' => $entry->alternatives,
            'doubt' => $entry->doubt ? true : null,
            'wanted' => $entry->wanted,
            'why' => $entry->why,
        ], static fn (mixed $value): bool => $value !== '' && $value !== null && $value !== []);
    }

    /** @return array<string, string> */
    private static function extra(Extra $extra): array
    {
        return [
            'product' => $extra->product->id,
            'grams' => $extra->amount->text(),
            ...($extra->counts->value === '' ? [] : ['counts' => $extra->counts->value]),
        ];
    }
}
