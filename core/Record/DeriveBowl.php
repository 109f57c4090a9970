<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlAmount;
use Core\Formula\BowlSheet;
use Core\Formula\ComposeBowl;
use Core\Formula\Dose;
use Core\Formula\Entry;
use Core\Formula\Extra;
use Core\Formula\ExtraCounts;
use Core\Shelf\HouseBlend;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\Share;

/**
 * The formula that was really poured: every product in the grams that the scale recorded, so that it can be repeated.
 */
final class DeriveBowl
{
    /**
     * @param  array<string, Grams>  $poured  by product id
     *
     * @throws CoreException where what was poured makes no bowl
     */
    public static function from(BowlSheet $sheet, array $poured, Shelf $shelf): BowlSheet
    {
        $entries = [];
        $named = [];
        foreach ($sheet->filled as $part => $filled) {
            $entries[$part] = [];
            foreach ($filled as $each) {
                foreach ($each->products as ['product' => $product]) {
                    $grams = $poured[$product->id] ?? Grams::zero();
                    if (! $grams->isZero() && ! isset($named[$product->id])) {
                        $entries[$part][] = $each->entry->blend === '' ? self::poured($each->entry, $grams)
                            : new Entry(
                                product: $product->id,
                                portion: Share::fixed($grams),
                                wanted: HouseBlend::idOf($each->entry->blend, $each->entry->version ?? 1),
                            );
                    }
                    $named[$product->id] = true;
                }
            }
        }
        $additives = [];
        foreach ($sheet->additives as $additive) {
            $named[$additive->key] = true;
            $grams = $poured[$additive->key] ?? Grams::zero();
            if (! $grams->isZero()) {
                $additives[] = ['product' => $additive->key, 'dose' => Dose::perBowl($grams)];
            } elseif (! $additive->isKnown()) {
                // A dash goes in past the scale; what was to be weighed and was not has not gone in.
                $additives[] = ['product' => $additive->key, 'dose' => $additive->dose];
            }
        }
        $line = $shelf->line($sheet->line);
        foreach (self::beside($named, $poured, $shelf) as ['product' => $product, 'grams' => $grams]) {
            $part = $line?->partOf($product->role());
            if ($part === null) {
                $additives[] = ['product' => $product->id, 'dose' => Dose::perBowl($grams)];
            } else {
                $entries[$part][] = new Entry(product: $product->id, portion: Share::fixed($grams));
            }
        }
        ksort($entries);
        $entries = array_values(array_filter($entries, static fn (array $part): bool => $part !== []));
        $ratio = $sheet->ratio !== null && self::holds($sheet->ratio, $entries) ? $sheet->ratio : self::ratio($entries);

        return ComposeBowl::of(
            $sheet->draft->with(entries: $entries, amount: BowlAmount::shares(), ratio: $ratio, additives: $additives),
            $shelf,
        );
    }

    /** In grams, with the word beside it that was said of it. */
    private static function poured(Entry $entry, Grams $grams): Entry
    {
        $said = $entry->portion instanceof Amount && $entry->said === '' ? $entry->portion->text() : $entry->said;

        return $entry->withPortion(Share::fixed($grams), $said === '?' ? '' : trim($said, '“”"'));
    }

    /**
     * The bowl as planned, with what went in beside the plan as extras on top.
     *
     * @param  array<string, Grams>  $added  by product id, over all batches
     * @param  int<1, max>  $batches  how many that were
     *
     * @throws CoreException where that makes no bowl
     */
    public static function withAdded(BowlSheet $sheet, array $added, int $batches, Shelf $shelf): BowlSheet
    {
        $extras = $sheet->extras;
        foreach ($added as $id => $grams) {
            $product = $shelf->product((string) $id);
            $each = Grams::ofCentigrams(intdiv($grams->centigrams + intdiv($batches, 2), $batches));
            if ($product !== null && ! $each->isZero()) {
                $extras[] = new Extra($product, Amount::known($each), ExtraCounts::OnTop);
            }
        }

        return ComposeBowl::of($sheet->draft->with(extras: $extras), $shelf);
    }

    /**
     * Whether what was poured is the ratio still: a gram off is the hand's.
     *
     * @param  list<non-empty-list<Entry>>  $entries  all in grams
     */
    private static function holds(MixRatio $ratio, array $entries): bool
    {
        if (count($ratio->parts) !== count($entries)) {
            return false;
        }
        $sums = self::sums($entries);
        foreach ($sums as $part => $sum) {
            $gap = $sum->exactly()->minus($sums[0]->exactly()->times($ratio->timesColour($part)));
            if (($gap->isNegative() ? $gap->negated() : $gap)->compare(Fraction::of(100)) > 0) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<non-empty-list<Entry>>  $entries  all in grams */
    private static function ratio(array $entries): MixRatio
    {
        $sums = array_map(
            static fn (Grams $sum): string => $sum->exactly()->dividedBy(Fraction::of(100))->decimal(2),
            self::sums($entries),
        );

        return count($sums) > 1 ? MixRatio::parse(implode(':', $sums)) : MixRatio::withoutDeveloper();
    }

    /**
     * @param  list<non-empty-list<Entry>>  $entries  all in grams
     * @return list<Grams>
     */
    private static function sums(array $entries): array
    {
        return array_map(
            static fn (array $part): Grams => Grams::sum(array_map(
                static fn (Entry $entry): Grams => $entry->portion instanceof Share
                    ? $entry->portion->grams()
                    : Grams::zero(),
                $part,
            )),
            $entries,
        );
    }

    /**
     * What was poured that the bowl does not name.
     *
     * @param  array<string, true>  $named
     * @param  array<string, Grams>  $poured  by product id; keys of planned extras name no product and are passed over
     * @return list<array{product: Product, grams: Grams}>
     */
    private static function beside(array $named, array $poured, Shelf $shelf): array
    {
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
