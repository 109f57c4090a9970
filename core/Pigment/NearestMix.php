<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Ciede2000;
use Core\Colour\Lab;

/**
 * The mixtures of up to three shades that bring hair nearest to a colour. All single shades are tried, then the best of
 * them in pairs and threes at the proportions people mix in: what is found is good, not proven best. Its work is
 * bounded by the number of shades, whatever is asked.
 */
final readonly class NearestMix
{
    private const PAIRS_OF = 11;

    private const THREES_OF = 8;

    private const PAIRS = [[1, 1], [2, 1], [1, 2], [3, 1], [1, 3]];

    private const THREES = [[1, 1, 1], [2, 1, 1], [1, 2, 1], [1, 1, 2], [2, 2, 1], [2, 1, 2], [1, 2, 2]];

    /** So much nearer must a further shade bring it, in CIEDE2000, to be worth a tube. */
    private const WORTH = 0.4;

    /**
     * @param  array<string, int>  $parts  weight by key of the shade, small whole numbers
     * @param  float  $gap  CIEDE2000 to the wish
     */
    private function __construct(public array $parts, public float $gap)
    {
    }

    /**
     * @param  HairColour  $on  as it stands before the bowl goes on
     * @param  float  $hold  of what the bowl is dosed for
     * @param  array<string, Shade>  $shades  by key, clear among them
     * @param  float  $natural  the least share of natural in the colour part
     * @param  int  $most  how many shades
     * @return ?self null where no mixture has natural enough
     */
    public static function of(
        HairColour $on,
        float $hold,
        Lab $wish,
        array $shades,
        float $natural = 0.0,
        int $most = 3,
    ): ?self {
        $trial = new Trial($on, $hold);
        /** @param  array<string, int>  $parts */
        $gap = static function (array $parts) use ($trial, $wish, $shades): float {
            $mixed = [];
            foreach ($parts as $key => $weight) {
                $mixed[] = [$shades[$key], is_int($weight) ? $weight : 0];
            }

            return $mixed === [] ? INF : Ciede2000::between($trial->of(Shade::mixed($mixed)), $wish);
        };
        $singles = [];
        foreach (array_keys($shades) as $key) {
            $singles[] = new self([$key => 1], $gap([$key => 1]));
        }
        usort($singles, self::nearer(...));
        $tried = $singles;
        $keys = $most < 2 ? [] : self::worth($singles, $shades, $natural, self::PAIRS_OF);
        foreach ($keys as $at => $one) {
            foreach (array_slice($keys, $at + 1) as $two) {
                foreach (self::PAIRS as [$a, $b]) {
                    $tried[] = new self([$one => $a, $two => $b], $gap([$one => $a, $two => $b]));
                }
            }
        }
        $keys = $most < 3 ? [] : array_slice($keys, 0, self::THREES_OF);
        foreach ($keys as $at => $one) {
            foreach (array_slice($keys, $at + 1, null, true) as $next => $two) {
                foreach (array_slice($keys, $next + 1) as $three) {
                    foreach (self::THREES as [$a, $b, $c]) {
                        $parts = [$one => $a, $two => $b, $three => $c];
                        $tried[] = new self($parts, $gap($parts));
                    }
                }
            }
        }
        $tried = array_values(array_filter(
            $tried,
            static fn (self $each): bool => self::naturalIn($each->parts, $shades) >= $natural - 1e-9
                && self::carries($each->parts, $shades),
        ));
        usort($tried, self::nearer(...));

        return $tried[0] ?? null;
    }

    /**
     * Nearer, and of nearly equal ones the one of fewer shades; then by name, so that the order of the shelf says
     * nothing.
     */
    private static function nearer(self $one, self $other): int
    {
        $cost = static fn (self $each): float => round($each->gap + self::WORTH * count($each->parts), 6);

        return $cost($one) <=> $cost($other) ?: array_keys($one->parts) <=> array_keys($other->parts);
    }

    /**
     * The nearest ones, and those that grey asks for: the nearest naturals, and clear.
     *
     * @param  list<self>  $singles  nearest first
     * @param  array<string, Shade>  $shades
     * @return list<string>
     */
    private static function worth(array $singles, array $shades, float $natural, int $many): array
    {
        $keys = array_map(static fn (self $single): string => (string) array_key_first($single->parts), $singles);
        $asked = array_filter($keys, static fn (string $key): bool => $natural > 0 && $shades[$key]->natural() > 0.9);
        $clear = array_filter($keys, static fn (string $key): bool => $shades[$key]->shares === []);

        return array_slice(array_values(array_unique([
            ...array_slice($asked, 0, 2), ...array_slice($keys, 0, 3), ...array_slice($clear, 0, 1), ...$keys,
        ])), 0, $many);
    }

    /**
     * Clear by itself is no colour.
     *
     * @param  array<string, int>  $parts
     * @param  array<string, Shade>  $shades
     */
    private static function carries(array $parts, array $shades): bool
    {
        foreach (array_keys($parts) as $key) {
            if ($shades[$key]->shares !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, int>  $parts
     * @param  array<string, Shade>  $shades
     */
    private static function naturalIn(array $parts, array $shades): float
    {
        $sum = 0.0;
        foreach ($parts as $key => $weight) {
            $sum += $weight * $shades[$key]->natural();
        }

        return $sum / max(1, array_sum($parts));
    }
}
