<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Lab;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * What an eye would call a colour of hair: its level, and the one or two tone families between which it lies, seen from
 * natural hair of the same level. A colour that is drawn for a wish is called by the words of that wish.
 */
final class SeenTone
{
    /** Nearer to one family than this, in CIELAB units, a second one is not named (our own model). */
    private const ALONE = 2.5;

    /** Less of a way from natural to a family is natural (our own model). */
    private const NATURAL_BELOW = 0.2;

    /** Families are drawn for whole and half levels: between them their directions hardly turn. */
    private const STEPS = 2;

    /** @var array<string, array<string, array{float, float}>> by level: it cannot change */
    private static array $ways = [];

    public static function in(Lab $lab): ToneMix
    {
        $level = round(self::STEPS * Ladder::level($lab)) / self::STEPS;
        [$a, $b] = Ladder::fromNatural($lab);
        $parts = self::between($level, $a, $b);
        $sum = array_sum($parts);
        if ($sum < self::NATURAL_BELOW) {
            return ToneMix::only(ToneFamily::Natural);
        }
        $parts[ToneFamily::Natural->value] = ($parts[ToneFamily::Natural->value] ?? 0.0) + max(0.0, 1 - $sum);
        $weighted = [];
        foreach ($parts as $family => $part) {
            $weighted[] = [ToneMix::only(ToneFamily::from($family)), Fraction::of((int) round(100 * $part), 100)];
        }

        return ToneMix::mean($weighted);
    }

    /** @return array<string, float> how far toward one or two families, by family */
    private static function between(float $level, float $a, float $b): array
    {
        $best = [];
        $miss = INF;
        $ways = self::ways($level);
        foreach ($ways as $family => [$u, $v]) {
            $part = max(0.0, ($a * $u + $b * $v) / ($u * $u + $v * $v));
            $here = hypot($a - $part * $u, $b - $part * $v);
            if ($here < $miss) {
                [$best, $miss] = [[$family => $part], $here];
            }
        }
        if ($miss < self::ALONE) {
            return $best;
        }
        $span = INF;
        foreach ($ways as $one => [$u1, $v1]) {
            foreach ($ways as $two => [$u2, $v2]) {
                $turn = $u1 * $v2 - $v1 * $u2;
                if ($turn <= 1e-6) {
                    continue;
                }
                $first = ($a * $v2 - $b * $u2) / $turn;
                $second = ($u1 * $b - $v1 * $a) / $turn;
                $angle = atan2($turn, $u1 * $u2 + $v1 * $v2);
                if ($first >= 0 && $second >= 0 && $angle < $span) {
                    [$best, $span] = [[$one => $first, $two => $second], $angle];
                }
            }
        }

        return $best;
    }

    /**
     * @return array<string, array{float, float}> from natural to each family in a and b; those that hardly differ left
     *     out
     */
    private static function ways(float $level): array
    {
        $key = "level {$level}";
        if (isset(self::$ways[$key])) {
            return self::$ways[$key];
        }
        $found = [];
        foreach (ToneFamily::cases() as $family) {
            if ($family === ToneFamily::Natural) {
                continue;
            }
            $found[$family->value] = Ladder::fromNatural(Ladder::toned($level, ToneMix::only($family))->seen());
        }

        return self::$ways[$key] = $found;
    }
}
