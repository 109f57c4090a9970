<?php

declare(strict_types=1);

namespace Core\Lineage;

use Core\Catalog\Shelf;
use Core\Documents\BowlSheet;
use Core\Documents\ReadBowl;
use Core\Documents\WriteBowl;
use Core\Units\Fraction;
use Core\Units\Grams;

/** The formula that was really poured, by eye and recorded by the scale: every share in grams, so that it can be repeated. */
final class DeriveBowl
{
    /**
     * @param  array<string, Grams>  $poured  by product id
     *
     * @throws \Core\CoreException where what was poured makes no bowl
     */
    public static function from(BowlSheet $sheet, array $poured, Shelf $shelf): BowlSheet
    {
        $parts = $sums = [];
        foreach ($sheet->entries as $entries) {
            $ingredients = [];
            $sum = Grams::zero();
            foreach ($entries as $entry) {
                $grams = $poured[$entry->product] ?? Grams::zero();
                if (! $grams->isZero()) {
                    $ingredients[] = ['share' => $grams->text()] + $entry->toArray();
                    $sum = $sum->plus($grams);
                }
            }
            if ($ingredients !== []) {
                $parts[] = ['ingredients' => $ingredients];
                $sums[] = $sum->exactly()->dividedBy(Fraction::of(100))->decimal(2);
            }
        }
        $json = [
            'parts' => $parts,
            'ratio' => count($sums) > 1 ? implode(':', $sums) : 'no developer',
            'amount' => ['of' => 'shares', 'grams' => '', 'ingredient' => null],
        ] + WriteBowl::toArray($sheet);

        return ReadBowl::from($json, $shelf);
    }
}
