<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Advice\GreyAdvice;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\RewriteBowl;
use Core\Judgement\JudgeBowl;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Product;
use Core\Units\Fraction;

/** A bowl with another share of tone: warmer, cooler, more natural. It turns that way, or says why it cannot. */
final class TurnTone
{
    /** @throws CoreException where nothing of the line is warmer near the bowl's level */
    public static function warmer(RewriteBowl $bowl, HouseRules $rules): BowlSheet
    {
        return self::turn($bowl, 1, $rules);
    }

    /** @throws CoreException where nothing of the line is cooler near the bowl's level */
    public static function cooler(RewriteBowl $bowl, HouseRules $rules): BowlSheet
    {
        return self::turn($bowl, -1, $rules);
    }

    /** @param  int  $way  1 warm, -1 cool */
    private static function turn(RewriteBowl $bowl, int $way, HouseRules $rules): BowlSheet
    {
        $word = $way > 0 ? 'warmer' : 'cooler';
        $mix = JudgeBowl::of($bowl->known, $rules);
        $tone = $mix === null ? null : $mix->tone;
        if ($mix === null || $tone === null) {
            throw ChangeRefused::toneNotKnown($word);
        }
        $shares = $bowl->shares(0);
        $best = null;
        foreach ($bowl->shelf->productsOf($bowl->line()) as $product) {
            $pigment = $product->pigment;
            $leans = $pigment === null || $pigment->tone->isNone()
                ? 0
                : $pigment->tone->warmth()->compare($tone->warmth()) * $way;
            $near = $pigment?->level === null || $mix->level?->value() === null || self::isNear(
                $pigment->level,
                $mix->level->value(),
            );
            if (
                $leans > 0
                && $near
                && ($best === null || self::isBetter($product, $best, $mix->level?->value(), $way))
            ) {
                $best = $product;
            }
        }
        if ($best === null) {
            throw ChangeRefused::noSuchShade("{$word} shade at this bowl’s level");
        }
        $has = $shares[$best->id] ?? Fraction::zero();
        $more = $has->plus(Fraction::one()->minus($has)->times(Number::ToneStep->value()));

        return ChangeProducts::withShareOf($bowl, 0, $best->id, $more);
    }

    /** Half a level away is still the bowl's level. */
    private static function isNear(Fraction $one, Fraction $other): bool
    {
        $gap = $one->minus($other);

        return ($gap->isNegative() ? $gap->negated() : $gap)->compare(Number::NearLevel->value()) <= 0;
    }

    /** The nearer level first, then what leans further, then the id. */
    private static function isBetter(Product $one, Product $other, ?Fraction $level, int $way): bool
    {
        $miss = static function (Product $product) use ($level): Fraction {
            $of = $product->pigment?->level;
            if ($of === null || $level === null) {
                // A booster carries no level: it turns the tone and leaves the rest alone, though much of it is strong.
                return Number::BoosterMiss->value();
            }
            $gap = $of->minus($level);

            return $gap->isNegative() ? $gap->negated() : $gap;
        };
        $warmth = static fn (Product $product): Fraction => $product->pigment?->tone->warmth() ?? Fraction::zero();

        return [
            $miss($one)->compare($miss($other)),
            $warmth($other)->compare($warmth($one)) * $way,
            strcmp($one->id, $other->id),
        ] < [0, 0, 0];
    }

    /**
     * The share of natural that this much grey asks for by the house's rule; never less than there is.
     *
     * @param  string  $value  percent: 60 %
     *
     * @throws CoreException where the line has no natural at this level, or it has enough of it
     */
    public static function forGrey(RewriteBowl $bowl, string $value, HouseRules $rules): BowlSheet
    {
        $percent = preg_match(
            '/^(\d{1,3})\s*%?$/',
            trim($value),
            $m,
        ) === 1 ? (int) $m[1] : throw ChangeRefused::unreadable($value);
        $mix = JudgeBowl::of($bowl->known, $rules);
        $now = $mix?->naturalShare->value() ?? throw ChangeRefused::toneNotKnown('more for grey');
        $level = $mix->level?->value() ?? throw ChangeRefused::noSuchShade('natural at this bowl’s level');
        $advice = GreyAdvice::for($percent, false, $rules);
        if ($advice->missing($now)->isZero()) {
            throw ChangeRefused::enoughNatural($now, $percent);
        }
        $natural = $advice->natural(
            $bowl->shelf->productsOf($bowl->line()),
            Fraction::of($level->rounded(1, \Core\Units\Rounding::HalfUp)),
        );
        $product = $natural === null ? null : $bowl->shelf->product($natural->ingredients[0]['product']);
        if ($product === null) {
            throw ChangeRefused::noSuchShade("natural at level {$level->decimal(0)}");
        }
        // All else shrinks alike until what is not natural leaves room: 1 − f (1 − now) = wanted.
        $factor = Fraction::one()->minus($advice->least)->dividedBy(Fraction::one()->minus($now));
        $has = $bowl->shares(0)[$product->id] ?? Fraction::zero();
        $share = Fraction::one()->minus($factor->times(Fraction::one()->minus($has)));

        return ChangeProducts::withShareOf($bowl, 0, $product->id, $share);
    }
}
