<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * Exact unit constants, in hundredths: centigrams for a mass, hundredths of a millilitre for a volume (
 * to be multiplied by a density in g/ml).
 *
 * Source: NIST SP 811 (avoirdupois ounce 28.349 523 125 g, US fluid ounce 29.573 529 5625 ml);
 * UK Weights and Measures Act (imperial fluid ounce 28.413 062 5 ml).
 */
final class MassUnit
{
    public static function weightOunce(): Fraction
    {
        return Fraction::of(28_349_523_125, 10_000_000);
    }

    public static function usFluidOunce(): Fraction
    {
        return Fraction::of(295_735_295_625, 100_000_000);
    }

    public static function imperialFluidOunce(): Fraction
    {
        return Fraction::of(284_130_625, 100_000);
    }
}
