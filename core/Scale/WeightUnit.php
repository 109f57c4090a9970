<?php

declare(strict_types=1);

namespace Core\Scale;

use Core\Units\Fraction;
use Core\Units\MassUnit;
use Core\Units\Rounding;

/** What a scale may be set to show. */
enum WeightUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';

    /** As scales write it: g, G, gr, KG, oz, lbs; null for any other word. */
    public static function read(string $word): ?self
    {
        return match (strtolower($word)) {
            'g', 'gr', 'gm', 'gram', 'grams' => self::Gram,
            'kg' => self::Kilogram,
            'oz' => self::Ounce,
            'lb', 'lbs' => self::Pound,
            default => null,
        };
    }

    /**
     * @param  string  $number  digits with a point or none, a minus below zero
     * @return int centigrams, half up
     */
    public function centigrams(string $number): int
    {
        return Fraction::parse($number)->times($this->inCentigrams())->rounded(1, Rounding::HalfUp);
    }

    /** As a scale shows it: grams with two decimals, all else with four. */
    public function shown(int $centigrams): string
    {
        $places = $this === self::Gram ? 2 : 4;
        $scaled = Fraction::of(abs($centigrams) * 10 ** $places)
            ->dividedBy($this->inCentigrams())
            ->rounded(1, Rounding::HalfUp);
        $digits = str_pad((string) $scaled, $places + 1, '0', STR_PAD_LEFT);

        return ($centigrams < 0 ? '-' : '').substr($digits, 0, -$places).'.'.substr($digits, -$places);
    }

    private function inCentigrams(): Fraction
    {
        return match ($this) {
            self::Gram => Fraction::of(100),
            self::Kilogram => Fraction::of(100_000),
            self::Ounce => MassUnit::weightOunce(),
            // Sixteen avoirdupois ounces (NIST SP 811).
            self::Pound => MassUnit::weightOunce()->times(Fraction::of(16)),
        };
    }
}
