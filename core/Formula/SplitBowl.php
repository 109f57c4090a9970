<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\CoreException;
use Core\Shelf\Shelf;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Units\Share;
use Core\Units\ShareKind;

/**
 * One bowl made two of the same formula: what moves is a share of it, what stays is the rest, and together they are
 * what it was.
 */
final readonly class SplitBowl
{
    private function __construct(private ScaleStep $step, private Fraction $left)
    {
    }

    /**
     * @param  Fraction  $share  that moves, above 0 and below 1
     * @param  string  $letter  of the bowl that it moves into
     * @return array{stays: BowlSheet, moves: BowlSheet}
     *
     * @throws CoreException where one of them would have nothing that can be weighed
     */
    public static function of(BowlSheet $sheet, Fraction $share, string $letter, Shelf $shelf, ScaleStep $step): array
    {
        $left = Fraction::one()->minus($share);
        if ($share->isZero() || $share->isNegative() || $left->isZero() || $left->isNegative()) {
            throw UnworkableBowl::nothing();
        }
        $moves = ScaleBowl::by($sheet, $share, $shelf, $step);
        $stays = ComposeBowl::of((new self($step, $left))->without($sheet->draft, $moves->draft), $shelf);
        $stays->known($step);

        return ['stays' => $stays, 'moves' => ComposeBowl::of($moves->draft->with(letter: $letter), $shelf)];
    }

    private function without(BowlDraft $whole, BowlDraft $part): BowlDraft
    {
        return $whole->with(
            entries: array_map(
                fn (array $entries, array $gone): array => array_map($this->entry(...), $entries, $gone),
                $whole->entries,
                $part->entries,
            ),
            amount: $whole->amount === null
                || $part->amount === null
                || $whole->amount->kind === AmountKind::Shares ? $whole->amount
                : BowlAmount::of(
                    $whole->amount->kind,
                    $whole->amount->amount->lessPart($part->amount->amount, $this->left, $this->step),
                    $whole->amount->ingredient,
                ),
            additives: array_map($this->additive(...), $whole->additives, $part->additives),
            extras: array_map(
                fn (Extra $each, Extra $gone): Extra => $each->withAmount(
                    $each->amount->lessPart($gone->amount, $this->left, $this->step),
                ),
                $whole->extras,
                $part->extras,
            ),
            uses: array_map(
                static fn (BowlUse $use, BowlUse $gone): BowlUse => new BowlUse(
                    $use->job,
                    $use->grams->lessAtMost($gone->grams),
                ),
                $whole->uses,
                $part->uses,
            ),
        );
    }

    private function entry(Entry $entry, Entry $gone): Entry
    {
        if ($entry->portion instanceof Share && $gone->portion instanceof Share) {
            return $entry->portion->kind !== ShareKind::Fixed ? $entry
                : $entry->withPortion(Share::fixed($this->rest(
                    $entry->portion->grams(),
                    $gone->portion->grams(),
                    $entry->product,
                )));
        }

        return $entry->portion instanceof Share || $gone->portion instanceof Share ? $entry
            : $entry->withPortion($entry->portion->lessPart($gone->portion, $this->left, $this->step));
    }

    /**
     * @param  array{product: string, dose: Dose|Amount}  $each
     * @param  array{product: string, dose: Dose|Amount}  $gone
     * @return array{product: string, dose: Dose|Amount}
     */
    private function additive(array $each, array $gone): array
    {
        [$dose, $moved] = [$each['dose'], $gone['dose']];
        if ($dose instanceof Dose) {
            return $dose->kind !== DoseKind::PerBowl || ! $moved instanceof Dose ? $each
                : [
                    'product' => $each['product'],
                    'dose' => Dose::perBowl($this->rest($dose->grams(), $moved->grams(), $each['product'])),
                ];
        }

        return $moved instanceof Dose ? $each : [
            'product' => $each['product'],
            'dose' => $dose->lessPart($moved, $this->left, $this->step),
        ];
    }

    private function rest(Grams $whole, Grams $gone, string $label): Grams
    {
        $rest = $whole->lessAtMost($gone);

        return $rest->isZero() ? throw UnworkableBowl::belowStep($label, $this->step->show()) : $rest;
    }
}
