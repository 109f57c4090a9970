<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Advice\GreyAdvice;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;

/** A bowl with another share of tone: warmer, cooler, more natural. */
final class TurnTone
{
    /**
     * A quarter of the colour becomes the line's gold or ash at the bowl's own level.
     *
     * @return array<string, mixed> the bowl’s JSON
     *
     * @throws ChangeRefused where the line has none there
     */
    public static function toward(BowlRewrite $bowl, ToneFamily $family): array
    {
        $line = $bowl->line();
        $worked = $bowl->colour();
        $level = null;
        foreach ($worked->ingredients as $each) {
            $level ??= $bowl->shelf->product($each->key)?->pigment?->level;
        }
        $best = null;
        foreach ($bowl->shelf->productsOf($line) as $product) {
            if ($level !== null && $product->pigment?->level?->equals($level) === true && ! $product->pigment->tone->share($family)->isZero()
                && ($best === null || $product->pigment->tone->share($family)->compare($best->pigment?->tone->share($family) ?? Fraction::zero()) > 0)) {
                $best = $product;
            }
        }
        if ($best === null) {
            throw ChangeRefused::noSuchShade("{$family->value} at this bowl’s level");
        }

        return $bowl->withShareOf($best, Fraction::of(1, 4));
    }

    /**
     * The share of natural that this much grey asks for by the house's rule.
     *
     * @param  string  $value  percent: 60 %
     * @return array<string, mixed> the bowl’s JSON
     *
     * @throws ChangeRefused where the line has no natural at this level
     */
    public static function forGrey(BowlRewrite $bowl, string $value): array
    {
        $percent = preg_match('/^(\d{1,3})\s*%?$/', trim($value), $m) === 1 ? (int) $m[1] : throw ChangeRefused::unreadable($value);
        $worked = $bowl->colour();
        $level = $bowl->shelf->product($worked->ingredients[0]->key)->pigment->level ?? throw ChangeRefused::noSuchShade('natural at this bowl’s level');
        $advice = GreyAdvice::for($percent, false, $bowl->rules);
        $natural = $advice->natural($bowl->shelf->productsOf($bowl->line()), $level);
        if ($advice->least->isZero() || $natural === null) {
            throw ChangeRefused::noSuchShade("natural at level {$level->decimal(0)}");
        }
        $product = $bowl->shelf->product($natural->ingredients[0]['product']) ?? throw ChangeRefused::noSuchShade('natural');

        return $bowl->withShareOf($product, $advice->least);
    }
}
