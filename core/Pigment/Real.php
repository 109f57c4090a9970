<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Units\Fraction;

/** The door between the core's exact fractions and the colours' floats. */
final class Real
{
    public static function of(Fraction $exact): float
    {
        return $exact->numerator / $exact->denominator;
    }

    /** The square root, to a hundredth. */
    public static function root(Fraction $square): Fraction
    {
        return self::hundredths(sqrt(self::of($square)));
    }

    /** Nearest hundredth: finer than any eye, and the same on every machine. */
    public static function hundredths(float $value): Fraction
    {
        return Fraction::of((int) round(100 * $value), 100);
    }
}
