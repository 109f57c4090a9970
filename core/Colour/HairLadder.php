<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * What hair of a level and tone may look like: a ladder of our own making, for swatches only.
 * No number of the trade is computed from it.
 */
final class HairLadder
{
    /** Lightness, a and b of natural hair at levels 1 to 12. */
    private const NATURAL = [
        1 => [
            0.20,
            0.006,
            0.004,
        ], [0.25, 0.012, 0.012], [0.31, 0.020, 0.025], [0.37, 0.026, 0.037], [0.43, 0.030, 0.048], [0.50, 0.031, 0.059],
        [0.57, 0.029, 0.068], [
            0.645,
            0.024,
            0.075,
        ], [0.72, 0.018, 0.078], [0.795, 0.011, 0.074], [0.855, 0.006, 0.062], [0.90, 0.003, 0.048],
    ];

    /** The trade's words for the levels (common practice, no source). */
    private const WORDS = [
        1 => 'black',
        'darkest brown',
        'dark brown',
        'medium brown',
        'light brown',
        'dark blonde',
        'medium blonde',
        'light blonde',
        'very light blonde',
        'lightest blonde',
    ];

    /** @return list<array{level: int, words: string, colour: Oklab}> natural hair, rung by rung */
    public static function rungs(): array
    {
        return array_map(
            static fn (int $level, string $words): array => [
                'level' => $level,
                'words' => $words,
                'colour' => self::swatch($level, []),
            ],
            array_keys(self::WORDS),
            self::WORDS,
        );
    }

    /** How far a tone family moves a colour in lightness, a and b. */
    private const TONE = [
        'natural' => [0.0, 0.0, 0.0],
        'ash' => [-0.01, -0.026, -0.052],
        'matte' => [-0.01, -0.045, -0.008],
        'violet' => [-0.01, 0.022, -0.070],
        'pearl' => [0.01, 0.006, -0.046],
        'beige' => [0.01, -0.004, -0.018],
        'gold' => [0.015, 0.004, 0.040],
        'copper' => [0.0, 0.055, 0.042],
        'mahogany' => [-0.02, 0.070, -0.012],
        'red' => [-0.01, 0.105, 0.018],
        'brown' => [-0.03, 0.014, 0.006],
        'blue' => [-0.02, -0.03, -0.12],
    ];

    public static function of(Fraction $level, ToneMix $tone): Oklab
    {
        return self::swatch(
            $level->numerator / $level->denominator,
            array_map(static fn (Fraction $share): float => $share->numerator / $share->denominator, $tone->shares()),
        );
    }

    /**
     * @param  float  $level  1 to 12, decimals allowed
     * @param  array<string, float>  $tones  share of each tone family, 0 to 1
     */
    public static function swatch(float $level, array $tones): Oklab
    {
        $at = max(1.0, min(12.0, $level));
        $below = (int) floor($at);
        $above = min(12, $below + 1);
        $mix = static fn (int $axis): float => self::NATURAL[$below][$axis] + ($at - $below) * (self::NATURAL[$above][$axis] - self::NATURAL[$below][$axis]);
        $colour = new Oklab($mix(0), $mix(1), $mix(2));
        foreach ($tones as $tone => $share) {
            [$lightness, $a, $b] = self::TONE[$tone] ?? [0.0, 0.0, 0.0];
            $colour = $colour->plus($share * $lightness, $share * $a, $share * $b);
        }

        return $colour;
    }
}
