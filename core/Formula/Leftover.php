<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Core\Units\Strength;

/**
 * What is left of a bowl, as something on the shelf: it may go into another bowl like any shade, with its own
 * pigment and its own peroxide. Visits name it by the bowl's id, documents by its letter: `bowl:A`.
 */
final class Leftover
{
    public const PREFIX = 'bowl:';

    /**
     * @param  string  $bowl  what comes behind the prefix
     * @param  ?Pigment  $pigment  what the bowl behaves as; null where that is not known
     */
    public static function of(string $bowl, BowlSheet $sheet, KnownBowl $known, ?Pigment $pigment): Product
    {
        $volume = $known->onHead?->value();

        return new Product(
            id: self::PREFIX.$bowl,
            line: $sheet->line,
            code: "left of {$sheet->letter}",
            name: "What is left of bowl {$sheet->letter}",
            kind: ProductKind::Mixture,
            strength: $volume === null || $volume->isZero() ? null : Strength::ofVolume($volume),
            pack: null,
            density: Fraction::one(),
            pigment: self::pigment($known, $pigment),
            volume: $volume === null ? $known->onHead : null, holds: $known->total->grams(),
        );
    }

    /**
     * What is left of a bowl is there once, however many bowls take of it.
     *
     * @param  list<KnownBowl>  $others  of the same visit
     *
     * @throws UnworkableBowl
     */
    public static function assertShared(BowlSheet $sheet, KnownBowl $known, array $others): void
    {
        foreach ($sheet->products() as $product) {
            if ($product->holds === null) {
                continue;
            }
            $own = self::taken($known, $product->id);
            $taken = array_reduce(
                $others,
                static fn (Fraction $sum, KnownBowl $other): Fraction => $sum->plus(self::taken($other, $product->id)),
                $own,
            );
            if ($taken->compare($product->holds->exactly()) > 0) {
                $left = Grams::ofCentigrams(max(
                    0,
                    $product->holds->exactly()->minus($taken->minus($own))->rounded(1, Rounding::HalfUp),
                ));
                throw UnworkableBowl::moreThanIsLeft(
                    $product->name,
                    Grams::ofCentigrams($own->rounded(1, Rounding::HalfUp))->show($known->total->step),
                    $left,
                );
            }
        }
    }

    /** What a bowl surely takes of it, in centigrams. */
    private static function taken(KnownBowl $bowl, string $product): Fraction
    {
        $sum = Fraction::zero();
        foreach ($bowl->lines() as $line) {
            $sum = $line->product() === $product ? $sum->plus($line->mass->centigrams->least) : $sum;
        }

        return $sum;
    }

    /** The bowl's own, in so much of each gram as its colour part is. */
    private static function pigment(KnownBowl $known, ?Pigment $pigment): ?Pigment
    {
        $colour = $known->parts[0]->mass->grams();
        $total = $known->total->grams();

        return $pigment === null || $colour === null || $total === null || $total->isZero() ? null
            : new Pigment(
                $pigment->level,
                $pigment->tone,
                $pigment->intensity,
                $pigment->doubleNatural,
                Fraction::of($colour->centigrams, $total->centigrams),
            );
    }
}
