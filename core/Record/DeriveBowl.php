<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Codec\BowlSheet;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\Formula\Additive;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
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
        foreach ($sheet->entries as $index => $entries) {
            foreach ($entries as $entry) {
                $grams = $poured[$entry->product] ?? Grams::zero();
                if (! $grams->isZero()) {
                    $parts[$index][] = ['share' => $grams->text()] + $entry->toArray();
                    $sums[$index] = ($sums[$index] ?? Grams::zero())->plus($grams);
                }
            }
        }
        $additives = [];
        foreach ($sheet->additives() as $additive) {
            $grams = $poured[$additive->key] ?? Grams::zero();
            $additives[] = ['product' => $additive->key, 'dose' => $grams->isZero() ? $additive->dose->text() : $grams->text()];
        }
        foreach (self::beside($sheet, $poured, $shelf) as ['product' => $product, 'grams' => $grams]) {
            $index = $product->part();
            if ($index === null) {
                $additives[] = ['product' => $product->id, 'dose' => $grams->text()];

                continue;
            }
            $parts[$index][] = ['product' => $product->id, 'share' => $grams->text()];
            $sums[$index] = ($sums[$index] ?? Grams::zero())->plus($grams);
        }
        ksort($parts);
        ksort($sums);
        $ratio = array_map(static fn (Grams $sum): string => $sum->exactly()->dividedBy(Fraction::of(100))->decimal(2), $sums);
        $json = [
            'parts' => array_map(static fn (array $ingredients): array => ['ingredients' => $ingredients], array_values($parts)),
            'ratio' => count($ratio) > 1 ? implode(':', $ratio) : 'no developer',
            'amount' => ['of' => 'shares', 'grams' => '', 'ingredient' => null],
            'additives' => $additives,
        ] + WriteBowl::toArray($sheet);

        return ReadBowl::from($json, $shelf);
    }

    /**
     * The bowl as planned, with what went in beside the plan as extras on top.
     *
     * @param  array<string, Grams>  $added  by product id, over all batches
     * @param  int<1, max>  $batches  how many that were
     *
     * @throws \Core\CoreException where that makes no bowl
     */
    public static function withAdded(BowlSheet $sheet, array $added, int $batches, Shelf $shelf): BowlSheet
    {
        $extras = $sheet->extras->toArray()['extras'] ?? [];
        foreach ($added as $id => $grams) {
            $each = Grams::ofCentigrams(intdiv($grams->centigrams + intdiv($batches, 2), $batches));
            $extras[] = ['product' => (string) $id, 'grams' => $each->text(), 'counts' => 'on-top'];
        }

        return ReadBowl::from(['extras' => $extras] + WriteBowl::toArray($sheet), $shelf);
    }

    /**
     * What was poured that the bowl does not name.
     *
     * @param  array<string, Grams>  $poured  by product id; keys of planned extras name no product and are passed over
     * @return list<array{product: Product, grams: Grams}>
     */
    private static function beside(BowlSheet $sheet, array $poured, Shelf $shelf): array
    {
        $named = array_fill_keys(array_map(static fn (Additive $additive): string => $additive->key, $sheet->additives()), true);
        foreach ($sheet->entries as $entries) {
            foreach ($entries as $entry) {
                $named[$entry->product] = true;
            }
        }
        // A house blend names its products only once it is spread.
        foreach ($sheet->bowl->parts ?? [] as $part) {
            foreach ($part->ingredients as $ingredient) {
                $named[$ingredient->key] = true;
            }
        }
        $beside = [];
        foreach (array_diff_key($poured, $named) as $key => $grams) {
            $product = $shelf->product((string) $key);
            if ($product !== null && ! $grams->isZero()) {
                $beside[] = ['product' => $product, 'grams' => $grams];
            }
        }

        return $beside;
    }
}
