<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Practice\Number;
use Core\Shelf\Line;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\Shelf;

/** The double-pigment shade of the same line, and the same shade of another line that does the same kind of work. */
final class OtherWays
{
    /**
     * @param  string  $missing  id of the shade that is out; empty where only its pigment is known
     * @return list<OtherWay> the line's own first
     */
    public static function for(Pigment $wanted, string $missing, Line $line, Shelf $shelf): array
    {
        $found = [];
        foreach ($shelf->lines() as $each) {
            if ($each->kind !== $line->kind) {
                continue;
            }
            foreach ($shelf->productsOf($each) as $product) {
                $double = self::isStronger($product, $wanted);
                if (
                    $product->id === $missing
                    || ! self::isAlike($product, $wanted)
                    || ($each->id === $line->id) !== $double
                ) {
                    continue;
                }
                $found[] = new OtherWay($double ? 'double-pigment' : 'another-line', $product, $each);
            }
        }
        usort(
            $found,
            static fn (OtherWay $a, OtherWay $b): int => [
                $b->key,
                $a->line->name,
                $a->product->code,
            ] <=> [$a->key, $b->line->name, $b->product->code],
        );

        return $found;
    }

    private static function isStronger(Product $product, Pigment $wanted): bool
    {
        return $product->pigment !== null && $product->pigment->intensity->compare($wanted->intensity) > 0;
    }

    private static function isAlike(Product $product, Pigment $wanted): bool
    {
        $level = $product->pigment?->level;

        return $product->pigment !== null
            && $level !== null
            && $wanted->level !== null
            && $level->equals($wanted->level)
            && $product->pigment->tone->distance($wanted->tone)->compare(Number::SameTone->value()) <= 0;
    }
}
