<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Ciede2000;
use Core\Colour\Lab;
use Core\Units\Fraction;

/**
 * How a colour of hair differs from another: in levels, and seen from natural hair of its own level in warmth, redness
 * and vividness. All in hundredths; above zero where the first is lighter, warmer, redder, more vivid.
 */
final readonly class Gap
{
    /**
     * @param  Fraction  $warmth  CIELAB units
     * @param  Fraction  $redness  CIELAB units across the warmth
     * @param  Fraction  $vividness  CIELAB units of chroma
     * @param  Fraction  $seen  CIEDE2000
     */
    private function __construct(
        public Fraction $levels,
        public Fraction $warmth,
        public Fraction $redness,
        public Fraction $vividness,
        public Fraction $seen,
    ) {
    }

    public static function between(Lab $one, Lab $other): self
    {
        return new self(
            levels: Real::hundredths(Ladder::level($one) - Ladder::level($other)),
            warmth: Real::hundredths(Ladder::warmth($one) - Ladder::warmth($other)),
            redness: Real::hundredths(Ladder::redness($one) - Ladder::redness($other)),
            vividness: Real::hundredths(hypot($one->a, $one->b) - hypot($other->a, $other->b)),
            seen: Real::hundredths(Ciede2000::between($one, $other)),
        );
    }

    /** Cooler than natural hair of its lightness. */
    public static function isCool(Lab $lab): bool
    {
        return Ladder::warmth($lab) < 0;
    }

    /** Hair that looks green: past yellow, and not so faint that nobody sees it (our own model). */
    public static function looksGreen(Lab $lab): bool
    {
        return $lab->a < -2.0 && $lab->b > 0 && hypot($lab->a, $lab->b) > 6.0;
    }
}
