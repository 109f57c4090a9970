<?php

declare(strict_types=1);

namespace Simulator;

/**
 * Colours as a wheel: a family is a direction, a strength a length. Nothing of light or pigment is worked here; it is
 * another picture of hair than the product's own, on purpose.
 */
final class Tint
{
    /** Degrees on the wheel, 0 red, 90 yellow, 180 green, 270 blue; and how strongly the family tints. */
    private const WHEEL = [
        'gold' => [84, 1.0], 'copper' => [56, 1.15], 'red' => [18, 1.2], 'mahogany' => [345, 0.9],
        'violet' => [305, 0.9],
        'pearl' => [285, 0.75], 'ash' => [245, 0.9], 'matte' => [150, 0.8], 'beige' => [70, 0.25], 'brown' => [45, 0.3],
        'natural' => [0, 0.0],
    ];

    /** What is natural, or nearly. */
    private const FAINT = 0.38;

    /** A family that is named by itself tints at least so strongly. */
    private const PLAIN = 0.7;

    /**
     * What lies bare at a level when so many levels were taken: red low down, yellow high up.
     *
     * @return array{float, float}
     */
    public static function bare(float $level, float $lifted): array
    {
        $hue = 25 + 6.2 * min(11.0, max(1.0, $level));

        return self::along($hue, 0.32 * sqrt(max(0.0, $lifted)));
    }

    /**
     * @param  array<string, float>  $tones
     * @return array{float, float}
     */
    public static function of(array $tones, float $length = 1.0): array
    {
        $sum = [0.0, 0.0];
        $whole = array_sum($tones);
        foreach ($tones as $family => $share) {
            [$hue, $strength] = self::WHEEL[$family] ?? [0, 0.0];
            $one = self::along($hue, $whole <= 0 ? 0.0 : $length * $strength * $share / $whole);
            $sum = [$sum[0] + $one[0], $sum[1] + $one[1]];
        }

        return $sum;
    }

    /**
     * What somebody at the basin would call it: one family, or two.
     *
     * @param  array{float, float}  $lean
     * @return list<string>
     */
    public static function named(array $lean): array
    {
        $length = hypot($lean[0], $lean[1]);
        if ($length < self::FAINT) {
            return ['natural'];
        }
        $hue = fmod(360 + rad2deg(atan2($lean[1], $lean[0])), 360);
        $away = static function (int $at) use ($hue): float {
            $turn = abs($hue - $at);

            return min($turn, 360 - $turn);
        };
        $families = array_keys(array_filter(self::WHEEL, static fn (array $each): bool => $each[1] >= self::PLAIN));
        usort(
            $families,
            static fn (string $one, string $other): int => $away(self::WHEEL[$one][0]) <=> $away(self::WHEEL[$other][0]),
        );
        [$first, $second] = [$families[0], $families[1] ?? 'natural'];

        return match (true) {
            $length < 2 * self::FAINT => [$first, 'natural'],
            $away(self::WHEEL[$second][0]) < 1.6 * $away(self::WHEEL[$first][0]) => [$first, $second],
            default => [$first],
        };
    }

    /** @return array{float, float} */
    private static function along(float $hue, float $length): array
    {
        return [$length * cos(deg2rad($hue)), $length * sin(deg2rad($hue))];
    }
}
