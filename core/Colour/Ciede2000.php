<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * The CIEDE2000 colour difference, no unit, 0 means identical; about 1 is just seen side by side.
 * Source: Sharma, Wu and Dalal, "The CIEDE2000 color-difference formula", 2005; their published pairs are in the tests.
 */
final class Ciede2000
{
    public static function between(Lab $one, Lab $other): float
    {
        $c1 = hypot($one->a, $one->b);
        $c2 = hypot($other->a, $other->b);
        $mean7 = (($c1 + $c2) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($mean7 / ($mean7 + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $one->a, (1 + $g) * $other->a];
        [$chroma1, $chroma2] = [hypot($a1, $one->b), hypot($a2, $other->b)];
        [$hue1, $hue2] = [self::hue($one->b, $a1), self::hue($other->b, $a2)];

        $grey = $chroma1 * $chroma2 === 0.0;
        $turn = $grey ? 0.0 : self::turn($hue1, $hue2);
        $dL = $other->lightness - $one->lightness;
        $dC = $chroma2 - $chroma1;
        $dH = 2 * sqrt($chroma1 * $chroma2) * sin(deg2rad($turn / 2));

        $light = ($one->lightness + $other->lightness) / 2;
        $chroma = ($chroma1 + $chroma2) / 2;
        $hue = $grey ? $hue1 + $hue2 : self::meanHue($hue1, $hue2);
        $t = 1 - 0.17 * cos(deg2rad($hue - 30)) + 0.24 * cos(deg2rad(2 * $hue))
            + 0.32 * cos(deg2rad(3 * $hue + 6)) - 0.20 * cos(deg2rad(4 * $hue - 63));
        $sL = 1 + 0.015 * ($light - 50) ** 2 / sqrt(20 + ($light - 50) ** 2);
        $sC = 1 + 0.045 * $chroma;
        $sH = 1 + 0.015 * $chroma * $t;
        $rT = -sin(deg2rad(60 * exp(-((($hue - 275) / 25) ** 2)))) * 2 * sqrt($chroma ** 7 / ($chroma ** 7 + 25 ** 7));

        return sqrt(($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH));
    }

    /** Degrees, 0 to 360; a grey has hue 0. */
    private static function hue(float $b, float $a): float
    {
        $degrees = $a === 0.0 && $b === 0.0 ? 0.0 : rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    /** The shorter way round from one hue to the other, -180 to 180 degrees. */
    private static function turn(float $from, float $to): float
    {
        $turn = $to - $from;

        return match (true) {
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
    }

    private static function meanHue(float $one, float $other): float
    {
        $sum = $one + $other;

        return match (true) {
            abs($one - $other) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }
}
