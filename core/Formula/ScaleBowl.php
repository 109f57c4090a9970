<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\CoreException;
use Core\Shelf\Shelf;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;
use Core\Units\Rounding;
use Core\Units\ScaleStep;
use Core\Units\Share;
use Core\Units\ShareKind;

/**
 * A bowl made larger or smaller: whatever says an amount of it is multiplied, and it still adds up. What is not known
 * stays so.
 */
final readonly class ScaleBowl
{
    private function __construct(private BowlSheet $sheet, private ScaleStep $step, private Fraction $factor)
    {
    }

    /**
     * @param  Fraction  $factor  above zero
     *
     * @throws CoreException where nothing that can be weighed would be left
     */
    public static function by(BowlSheet $sheet, Fraction $factor, Shelf $shelf, ScaleStep $step): BowlSheet
    {
        $scaled = ComposeBowl::of((new self($sheet, $step, $factor))->draft(), $shelf);
        $scaled->known($step);

        return $scaled;
    }

    /**
     * A bowl whose colour part comes to so much, to the step.
     *
     * @throws CoreException
     */
    public static function toColour(BowlSheet $sheet, Grams $colour, Shelf $shelf, ScaleStep $step): BowlSheet
    {
        $now = (new RewriteBowl($sheet, $shelf, $step))->grams(0) ?? throw UnworkableBowl::amountNotKnown();
        if ($now->isZero() || $colour->isZero()) {
            throw UnworkableBowl::nothing();
        }
        $self = new self($sheet, $step, Fraction::of($colour->centigrams, $now->centigrams));
        $draft = $self->draft();
        $ratio = $sheet->ratio;
        // Rounded by itself, an amount could move the colour by a step; what was asked for is this much colour.
        if (
            $draft->uses === []
            && $ratio !== null
            && $draft->amount !== null
            && $draft->amount->kind !== AmountKind::Shares
        ) {
            $total = Grams::rounded($colour->exactly()->dividedBy($ratio->shareOfMixture(0)), $step, Rounding::HalfUp);
            $draft = $draft->with(
                amount: $draft->amount->kind === AmountKind::Total
                    ? BowlAmount::total($total)
                    : BowlAmount::colour($colour),
            );
        }
        $scaled = ComposeBowl::of($draft, $shelf);
        $scaled->known($step);

        return $scaled;
    }

    private function draft(): BowlDraft
    {
        $draft = $this->sheet->draft;

        return $draft->with(
            entries: array_map($this->part(...), $draft->entries),
            amount: $draft->amount === null || $draft->amount->kind === AmountKind::Shares ? $draft->amount
                : BowlAmount::of(
                    $draft->amount->kind,
                    $this->amount($draft->amount->amount),
                    $draft->amount->ingredient,
                ),
            additives: array_map(
                fn (array $each): array => ['product' => $each['product'], 'dose' => $this->dose($each['dose'])],
                $draft->additives,
            ),
            extras: array_map(
                fn (Extra $each): Extra => $each->withAmount($this->amount($each->amount)),
                $draft->extras,
            ),
            uses: $this->uses($draft->uses),
        );
    }

    /**
     * Grams grow together, so that their sum is the sum's share; shares do so by themselves.
     *
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    private function part(array $entries): array
    {
        $fixed = [];
        foreach ($entries as $at => $entry) {
            if ($entry->portion instanceof Share && $entry->portion->kind === ShareKind::Fixed) {
                $fixed[$at] = $entry->portion->value->times($this->factor);
            }
        }
        $sum = array_reduce(
            $fixed,
            static fn (Fraction $sum, Fraction $each): Fraction => $sum->plus($each),
            Fraction::zero(),
        );
        $grams = array_combine(
            array_keys($fixed),
            LargestRemainder::round(
                array_values($fixed),
                Grams::rounded($sum, $this->step, Rounding::HalfUp),
                $this->step,
            ),
        );
        $scaled = [];
        foreach ($entries as $at => $entry) {
            $scaled[] = match (true) {
                isset($grams[$at]) => $entry->withPortion(Share::fixed($this->weighable($grams[$at], $entry->product))),
                $entry->portion instanceof Amount => $entry->withPortion($this->amount($entry->portion)),
                default => $entry,
            };
        }

        return $scaled;
    }

    private function amount(Amount $amount): Amount
    {
        return $amount->times($this->factor, $this->step);
    }

    private function dose(Dose|Amount $dose): Dose|Amount
    {
        if ($dose instanceof Amount) {
            return $this->amount($dose);
        }

        return $dose->kind !== DoseKind::PerBowl ? $dose
            : Dose::perBowl($this->weighable(
                Grams::rounded($dose->value->times($this->factor), $this->step, Rounding::HalfUp),
                'An additive',
            ));
    }

    /**
     * @param  list<BowlUse>  $uses
     * @return list<BowlUse>
     */
    private function uses(array $uses): array
    {
        $exact = array_map(fn (BowlUse $use): Fraction => $use->grams->exactly()->times($this->factor), $uses);
        $sum = array_reduce(
            $exact,
            static fn (Fraction $sum, Fraction $each): Fraction => $sum->plus($each),
            Fraction::zero(),
        );
        $grams = LargestRemainder::round($exact, Grams::rounded($sum, $this->step, Rounding::HalfUp), $this->step);

        return array_map(
            static fn (BowlUse $use, Grams $each): BowlUse => new BowlUse($use->job, $each),
            $uses,
            $grams,
        );
    }

    private function weighable(Grams $grams, string $label): Grams
    {
        return $grams->isZero() ? throw UnworkableBowl::belowStep($label, $this->step->show()) : $grams;
    }
}
