<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\RewriteBowl;
use Core\Shelf\Product;
use Core\Units\Fraction;
use Core\Units\Share;

/** A bowl lighter or deeper: its shades’ neighbours of the same tone. */
final class ShiftLevel
{
    /**
     * Every shade that carries a level becomes the one of the same tone so many levels away.
     *
     * @param  string  $value  levels, whole or half, with their sign: +1, -0.5
     *
     * @throws CoreException where the line has no such shade
     */
    public static function of(RewriteBowl $bowl, string $value): BowlSheet
    {
        if (preg_match('/^[+-]?\d+(?:\.5)?$/u', $value) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $by = Fraction::parse(ltrim($value, '+-'));
        $by = str_starts_with($value, '-') ? $by->negated() : $by;
        if ($by->isZero() || ! self::carriesLevel($bowl)) {
            throw ChangeRefused::nothingToShift();
        }
        $plain = $bowl->plainEntries(0);

        return $by->isWhole() && $plain !== null ? self::each($bowl, $plain, $by) : self::byShares($bowl, $by);
    }

    private static function carriesLevel(RewriteBowl $bowl): bool
    {
        return array_filter(
            $bowl->sheet->filled[0] ?? [],
            static fn ($filled): bool => array_filter(
                $filled->products,
                static fn (array $each): bool => $each['product']->pigment?->level !== null,
            ) !== [],
        ) !== [];
    }

    /** @param  list<Entry>  $entries  each keeps its portion as it was said */
    private static function each(RewriteBowl $bowl, array $entries, Fraction $by): BowlSheet
    {
        $moved = [];
        foreach ($entries as $entry) {
            $product = $bowl->shelf->product($entry->product);
            $level = $product?->pigment?->level;
            $moved[] = $product === null || $level === null ? $entry
                : new Entry(
                    product: self::shade($bowl, $product, $level->plus($by))->id,
                    portion: $entry->portion,
                    said: $entry->said,
                );
        }
        $names = array_map(static fn (Entry $entry): string => $entry->product, $moved);

        // Two shades may become the same one: then their shares add up.
        return count(array_unique($names)) < count($names) ? self::byShares($bowl, $by) : $bowl->withPart(0, $moved);
    }

    /** By shares: half a level is half of each shade a whole one away. */
    private static function byShares(RewriteBowl $bowl, Fraction $by): BowlSheet
    {
        $one = $by->isNegative() ? Fraction::of(-1) : Fraction::one();
        $whole = Fraction::of(intdiv($by->numerator, $by->denominator));
        $half = $by->isWhole() ? Fraction::zero() : Fraction::of(1, 2);
        $shares = [];
        foreach ($bowl->shares(0) as $key => $share) {
            $product = $bowl->shelf->product((string) $key);
            $level = $product?->pigment?->level;
            if ($product === null || $level === null) {
                $shares[$key] = ($shares[$key] ?? Fraction::zero())->plus($share);

                continue;
            }
            foreach ([[$whole, Fraction::one()->minus($half)], [$whole->plus($one), $half]] as [$levels, $of]) {
                if (! $of->isZero()) {
                    $to = $levels->isZero() ? $product->id : self::shade($bowl, $product, $level->plus($levels))->id;
                    $shares[$to] = ($shares[$to] ?? Fraction::zero())->plus($share->times($of));
                }
            }
        }

        return $bowl->withShares(
            0,
            $shares,
            array_map(
                static fn (string|int $key): Entry => new Entry(product: (string) $key, portion: Share::rest()),
                array_combine(array_keys($shares), array_keys($shares)),
            ),
        );
    }

    private static function shade(RewriteBowl $bowl, Product $like, Fraction $level): Product
    {
        foreach ($bowl->shelf->productsOf($bowl->line()) as $product) {
            if ($product->pigment?->level?->equals($level) === true && $like->pigment !== null
                && $product->pigment->tone->distance($like->pigment->tone)->isZero()
                && $product->pigment->doubleNatural === $like->pigment->doubleNatural
                && $product->pigment->intensity->equals($like->pigment->intensity)) {
                return $product;
            }
        }
        throw ChangeRefused::noSuchShade("shade like {$like->label()} at level {$level->decimal(1)}");
    }
}
