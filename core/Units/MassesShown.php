<?php

declare(strict_types=1);

namespace Core\Units;

/** What a house reads its masses in. Grams stay what is weighed and kept; ounces are how they are read. */
enum MassesShown: string
{
    case Grams = 'grams';
    /** Weight ounces, with the grams beside them. */
    case Ounces = 'ounces';

    /** Of an ounce: 0.28 g, what scales that show ounces show. */
    private const HUNDREDTHS = 100;

    /** What is said, each mass in it as this house reads it: 60.0 g of 7N; 2.12 oz (60.0 g) of 7N. */
    public function in(string $text): string
    {
        return $this === self::Grams ? $text : (string) preg_replace_callback(
            '~(?<!oz \()\b(\d{1,9}(?:\.\d{1,2})?) g(?![\w/])~',
            static fn (array $mass): string => self::ounces($mass[1])." oz ({$mass[0]})",
            $text,
        );
    }

    private static function ounces(string $grams): string
    {
        $hundredths = Fraction::parse($grams)->times(Fraction::of(100 * self::HUNDREDTHS))
            ->dividedBy(MassUnit::weightOunce())->rounded(1, Rounding::HalfUp);

        return sprintf('%d.%02d', intdiv($hundredths, self::HUNDREDTHS), $hundredths % self::HUNDREDTHS);
    }

    /** Grams in one of the unit, for whoever shows a live weight; null where grams are shown. */
    public function gramsEach(): ?string
    {
        return $this === self::Grams ? null : MassUnit::weightOunce()->times(Fraction::of(1, 100))->decimal(6);
    }
}
