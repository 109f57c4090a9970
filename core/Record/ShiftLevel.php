<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Units\Fraction;

/** A bowl lighter or deeper: its shades’ neighbours of the same tone. */
final class ShiftLevel
{
    /**
     * Every shade that carries a level becomes the one of the same tone so many levels away.
     *
     * @param  string  $value  levels, whole or half, with their sign: +1, -0.5
     * @return array<string, mixed> the bowl’s JSON
     *
     * @throws ChangeRefused where the line has no such shade
     */
    public static function of(BowlRewrite $bowl, string $value): array
    {
        if (preg_match('/^[+-]?\d+(?:\.5)?$/u', $value) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $by = Fraction::parse(ltrim($value, '+-'));
        $by = str_starts_with($value, '-') ? $by->negated() : $by;
        $line = $bowl->line();
        if (! $by->isWhole()) {
            return self::halfLevel($bowl, $by, $line);
        }
        $ingredients = [];
        foreach ($bowl->sheet->entries[0] ?? [] as $entry) {
            $product = $bowl->shelf->product($entry->product);
            $ingredients[] = $product?->pigment?->level === null ? $entry->toArray()
                : ['product' => self::shade($bowl, $line, $product, $product->pigment->level->plus($by))->id, 'wanted' => '', 'why' => ''] + $entry->toArray();
        }

        return $bowl->withPart(0, $ingredients);
    }

    /**
     * Half a level: half of each shade moves a whole one.
     *
     * @return array<string, mixed>
     */
    private static function halfLevel(BowlRewrite $bowl, Fraction $by, Line $line): array
    {
        $whole = $by->isNegative() ? Fraction::of(-1) : Fraction::one();
        $worked = $bowl->colour();
        $ingredients = [];
        foreach ($worked->ingredients as $each) {
            $product = $bowl->shelf->product($each->key);
            $percent = $each->share->times(Fraction::of(100));
            if ($product?->pigment?->level === null) {
                $ingredients[$each->key] = ($ingredients[$each->key] ?? Fraction::zero())->plus($percent);

                continue;
            }
            $half = $percent->dividedBy(Fraction::of(2));
            $moved = self::shade($bowl, $line, $product, $product->pigment->level->plus($whole))->id;
            foreach ([$each->key, $moved] as $key) {
                $ingredients[$key] = ($ingredients[$key] ?? Fraction::zero())->plus($half);
            }
        }

        return $bowl->withPart(0, BowlRewrite::proportions($ingredients));
    }

    private static function shade(BowlRewrite $bowl, Line $line, Product $like, Fraction $level): Product
    {
        foreach ($bowl->shelf->productsOf($line) as $product) {
            if ($product->pigment?->level?->equals($level) === true && $like->pigment !== null
                && $product->pigment->tone->distance($like->pigment->tone)->isZero() && $product->pigment->doubleNatural === $like->pigment->doubleNatural) {
                return $product;
            }
        }
        throw ChangeRefused::noSuchShade("shade like {$like->label()} at level {$level->decimal(1)}");
    }
}
