<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Lab;

/**
 * Daylight falling on hair, and an eye that looks: from a reflectance to CIELAB.
 *
 * Sources: the CIE 1931 2° observer as fitted by Wyman, Sloan and Shirley, "Simple Analytic Approximations to the CIE
 * XYZ Color Matching Functions", JCGT 2013 (multi-lobe fit); illuminant D65 in steps of 10 nm as tabled by the CIE
 * (15:2004). Both from memory. The sums are scaled so that a perfect white is exactly the white of D65.
 */
final class Light
{
    /** In nanometres; beyond them the eye sees next to nothing. */
    public const FROM = 400;

    public const TO = 700;

    public const STEP = 10;

    public const D65 = [
        82.7549, 91.4860, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811, 109.354, 107.802,
        104.790,
        107.689, 104.405, 104.046, 100.0, 96.3342, 95.7880, 88.6856, 90.0062, 89.5991, 87.6987, 83.2886, 83.6992,
        80.0268,
        80.2146, 82.2778, 78.2842, 69.7213, 71.6091,
    ];

    /** @var ?list<array{float, float, float}> what each step adds to X, Y and Z; each sums to 1 */
    private static ?array $weights = null;

    /** @return list<int> nanometres */
    public static function wavelengths(): array
    {
        return range(self::FROM, self::TO, self::STEP);
    }

    /** @param  list<float>  $reflectance  0 to 1, by wavelength */
    public static function seen(array $reflectance): Lab
    {
        $x = $y = $z = 0.0;
        foreach (self::weights() as $at => [$toX, $toY, $toZ]) {
            $x += $toX * $reflectance[$at];
            $y += $toY * $reflectance[$at];
            $z += $toZ * $reflectance[$at];
        }

        return Lab::underWhite($x, $y, $z);
    }

    /**
     * @param  float  $wavelength  nanometres
     * @return array{float, float, float} x, y and z of the observer
     */
    public static function observer(float $wavelength): array
    {
        $lobe = static fn (float $peak, float $below, float $above): float => exp(
            -0.5 * (($wavelength - $peak) / ($wavelength < $peak ? $below : $above)) ** 2,
        );

        return [
            1.056 * $lobe(599.8, 37.9, 31.0) + 0.362 * $lobe(442.0, 16.0, 26.7) - 0.065 * $lobe(501.1, 20.4, 26.2),
            0.821 * $lobe(568.8, 46.9, 40.5) + 0.286 * $lobe(530.9, 16.3, 31.1),
            1.217 * $lobe(437.0, 11.8, 36.0) + 0.681 * $lobe(459.0, 26.0, 13.8),
        ];
    }

    /** @return list<array{float, float, float}> */
    private static function weights(): array
    {
        if (self::$weights !== null) {
            return self::$weights;
        }
        $found = [];
        $sums = [0.0, 0.0, 0.0];
        foreach (self::wavelengths() as $at => $wavelength) {
            [$x, $y, $z] = self::observer($wavelength);
            $light = self::D65[$at];
            $found[] = [$light * $x, $light * $y, $light * $z];
            $sums = [$sums[0] + $light * $x, $sums[1] + $light * $y, $sums[2] + $light * $z];
        }

        return self::$weights = array_map(
            static fn (array $each): array => [$each[0] / $sums[0], $each[1] / $sums[1], $each[2] / $sums[2]],
            $found,
        );
    }
}
