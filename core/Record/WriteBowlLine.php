<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Formula\AmountKind;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Shelf\Shelf;
use Core\Units\ScaleStep;
use Core\Units\Share;
use Core\Units\ShareKind;

/** A bowl in one line, as a colourist writes it on a card; ReadBowlLine reads it back. */
final class WriteBowlLine
{
    public static function of(BowlSheet $sheet, Shelf $shelf): string
    {
        $line = $shelf->line($sheet->line);
        $said = [$sheet->job === '' ? '' : "“{$sheet->job}”", $line->name ?? ''];
        foreach ($sheet->entries as $part => $entries) {
            // Equal parts of the colour go without saying how many.
            $equal = $part === 0 && self::areEqual($entries);
            $said[] = ($equal ? 'equal ' : '').implode(' + ', array_map(
                static fn (Entry $entry): string => self::entry($entry, $shelf, $equal || count($entries) === 1),
                $entries,
            ));
        }
        foreach ($sheet->additives as $additive) {
            $said[] = trim(($additive->dose->text()).' '.($shelf->product($additive->key)?->label() ?? ''));
        }
        $said[] = $sheet->ratio?->show() ?? '';
        $amount = $sheet->draft->amount;
        $grams = $amount?->amount->text();
        $said[] = match ($sheet->uses === [] ? $amount?->kind : null) {
            AmountKind::Total => "total {$grams}",
            AmountKind::Colour => "{$grams} of colour",
            AmountKind::Developer => "{$grams} of developer",
            // The grams of one product among parts: the whole says as much.
            AmountKind::Ingredient, null => $sheet->bowl === null
                ? ''
                : "total {$sheet->bowl->work(ScaleStep::TenthGram)->total()->text()}",
            default => '',
        };
        $said[] = $sheet->minutesWords();
        foreach (array_slice($sheet->strokes, 0, 1) as $stroke) {
            $said[] = trim(implode(' ', [
                // Its plain name: a label may have a comma of its own.
                str_replace('-', ' ', $stroke->method->value ?? ''),
                ...(
                    count($stroke->regions()) === count(Region::cases())
                        ? []
                        : array_map(static fn (Region $each): string => $each->label(), $stroke->regions())
                ),
                ...(
                    count($stroke->spans()) === count(Span::cases())
                        ? ['all over']
                        : array_map(static fn (Span $each): string => $each->value, $stroke->spans())
                ),
            ]));
            $said[] = $stroke->foils === null ? '' : "foils {$stroke->foils}";
        }

        return implode(', ', array_filter($said, static fn (string $each): bool => $each !== ''));
    }

    /** @param  list<Entry>  $entries */
    private static function areEqual(array $entries): bool
    {
        $parts = array_map(
            static fn (Entry $entry): string => $entry->portion instanceof Share
                && $entry->portion->kind === ShareKind::Parts
                ? $entry->portion->text()
                : $entry->product.'?',
            $entries,
        );

        return count($entries) > 1 && count(array_unique($parts)) === 1;
    }

    private static function entry(Entry $entry, Shelf $shelf, bool $alone): string
    {
        $name = $shelf->product($entry->product)?->label() ?? ($entry->blend !== '' ? $entry->blend : $entry->words);
        $portion = $entry->portion;
        if ($portion instanceof Share) {
            return match (true) {
                $portion->kind === ShareKind::Rest => "rest {$name}",
                $alone && $portion->kind !== ShareKind::Fixed => $name,
                $portion->kind === ShareKind::Parts => $portion->text().(
                    $portion->text() === '1' ? ' part ' : ' parts '
                ).$name,
                default => "{$portion->text()} {$name}",
            };
        }

        return "{$portion->text()} {$name}";
    }
}
