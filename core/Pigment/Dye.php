<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Tone\ToneFamily;

/**
 * What the dyes of a tone family swallow, by wavelength: bands, each as peak in nm, width in nm and height. A family
 * shows the colour that its bands leave (our own model: a blue dye swallows orange, a violet one yellow and green, a
 * gold one blue). Every curve has a mean of 1, so that a dose of one family weighs as much as a dose of another.
 */
final class Dye
{
    private const BANDS = [
        // Near black, and a little cool: the dyes of a natural shade count on the warmth of the hair beneath.
        'natural' => [[430, 60, 0.92], [533, 70, 0.80], [643, 60, 0.86]],
        'ash' => [[605, 55, 1.0], [660, 40, 0.6]],
        'matte' => [[660, 45, 1.0], [425, 35, 0.7]],
        'violet' => [[570, 42, 1.0]],
        'pearl' => [[585, 45, 1.0]],
        'beige' => [[440, 45, 0.55], [575, 55, 0.8]],
        'gold' => [[450, 45, 1.0]],
        'copper' => [[470, 48, 1.0], [530, 30, 0.5]],
        'mahogany' => [[535, 40, 1.0], [600, 30, 0.3]],
        'red' => [[515, 45, 1.0]],
        'brown' => [[430, 60, 1.0], [525, 60, 0.85], [640, 60, 0.5]],
    ];

    /** @var array<string, list<float>> */
    private static array $curves = [];

    /** @return list<float> by wavelength of the light */
    public static function curve(ToneFamily $family): array
    {
        return self::$curves[$family->value] ??= self::drawn($family);
    }

    /** @return list<float> */
    private static function drawn(ToneFamily $family): array
    {
        $curve = array_map(static function (int $wavelength) use ($family): float {
            $sum = 0.0;
            foreach (self::BANDS[$family->value] as [$peak, $width, $height]) {
                $sum += $height * exp(-0.5 * (($wavelength - $peak) / $width) ** 2);
            }

            return $sum;
        }, Light::wavelengths());
        $mean = array_sum($curve) / count($curve);

        return array_map(static fn (float $each): float => $each / $mean, $curve);
    }
}
