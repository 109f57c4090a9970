<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Ciede2000;
use Core\Colour\Lab;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** The level and tone under whose swatch a colour comes nearest: what somebody would call it. */
final readonly class NearestHair
{
    /** Levels are tried so far, in tenths, from the one that an eye reads by lightness. */
    private const REACH = 15;

    /**
     * @param  Fraction  $level  to the tenth
     * @param  non-empty-list<ToneFamily>  $families  one or two, strongest first
     * @param  Fraction  $away  its swatch from the colour, in CIEDE2000
     */
    private function __construct(public Fraction $level, public array $families, public Fraction $away)
    {
    }

    public static function to(Lab $colour): self
    {
        $read = (int) round(10 * Ladder::level($colour));
        [$families] = self::best($colour, [$read], self::everyTone());
        // Tone and lightness lean on each other: the level is sought for the tone, then the tone for the level.
        [, $level] = self::best(
            $colour,
            range(max(10, $read - self::REACH), min(120, $read + self::REACH)),
            [$families],
        );
        [$families, $level, $away] = self::best($colour, [$level], self::everyTone());

        return new self(Fraction::of($level, 10), $families, Real::hundredths($away));
    }

    /**
     * @param  non-empty-list<int>  $levels  in tenths
     * @param  non-empty-list<non-empty-list<ToneFamily>>  $tones
     * @return array{non-empty-list<ToneFamily>, int, float}
     */
    private static function best(Lab $colour, array $levels, array $tones): array
    {
        $best = [$tones[0], $levels[0], INF];
        foreach ($tones as $families) {
            $mix = ToneMix::inOrder($families);
            foreach ($levels as $level) {
                $away = Ciede2000::between(Ladder::of(Fraction::of($level, 10), $mix), $colour);
                if ($away < $best[2]) {
                    $best = [$families, $level, $away];
                }
            }
        }

        return $best;
    }

    /** @return non-empty-list<non-empty-list<ToneFamily>> each family, and each before each other */
    private static function everyTone(): array
    {
        $tones = [[ToneFamily::Natural]];
        foreach (ToneFamily::cases() as $first) {
            $tones[] = [$first];
            foreach (ToneFamily::cases() as $second) {
                if ($second !== $first) {
                    $tones[] = [$first, $second];
                }
            }
        }

        return $tones;
    }
}
