<?php

declare(strict_types=1);

namespace Core\Substitution;

/**
 * The lowest real cost of two or three shades, and the pricing that proves it. Over their shares the cost is a sum of
 * absolute values of lines: it is lowest at a corner, where two of the lines, limits or edges meet, and the signs of
 * the lines that meet there follow from the others' balance.
 */
final readonly class BlendCorner
{
    /** Shares are counted in millionths. */
    private const WHOLE = 1_000_000;

    /** What rounding may take of a cost, in millionths of a level. */
    private const SLACK = 2_000;

    /**
     * @param  int  $cost  millionths of a level, at most the true one
     * @param  list<int>  $shares  of the members, in millionths
     * @param  array<int, int>  $signs  by term, and then what each limit weighs, in thousandths
     */
    private function __construct(public int $cost, public array $shares, public array $signs)
    {
    }

    /**
     * @param  list<list<int>>  $off  by member: every term, in millionths of a level
     * @param  list<list<int>>  $limits  by limit: by member, what must come to zero or more
     * @return ?self null where the limits leave nothing
     */
    public static function of(array $off, array $limits): ?self
    {
        $three = count($off) === 3;
        $terms = count($off[0]);
        $lines = [];
        for ($term = 0; $term < $terms; $term++) {
            $lines[] = $three ? [
                $off[0][$term] - $off[2][$term],
                $off[1][$term] - $off[2][$term],
                $off[2][$term],
            ] : [$off[0][$term] - $off[1][$term], 0, $off[1][$term]];
        }
        foreach ($limits as $limit) {
            $lines[] = $three ? [
                $limit[0] - $limit[2],
                $limit[1] - $limit[2],
                $limit[2],
            ] : [$limit[0] - $limit[1], 0, $limit[1]];
        }
        $bent = count($lines);
        $edge = 100_000;
        array_push(
            $lines,
            [$edge, 0, 0],
            ...($three ? [[0, $edge, 0], [-$edge, -$edge, $edge]] : [[-$edge, 0, $edge]]),
        );
        $corners = $three ? self::meetings($lines) : self::crossings($lines);
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($corners as [$x, $y, $a, $b]) {
            foreach (array_keys($limits) as $at) {
                [$p, $q, $r] = $lines[$terms + $at];
                if ($p * $x + $q * $y + $r * self::WHOLE < -self::SLACK * self::WHOLE) {
                    continue 2;
                }
            }
            $cost = 0;
            for ($term = 0; $term < $terms; $term++) {
                $sum = $lines[$term][0] * $x + $lines[$term][1] * $y + $lines[$term][2] * self::WHOLE;
                $cost += $sum < 0 ? -$sum : $sum;
            }
            if ($cost < $least) {
                [$best, $least] = [[$x, $y, $a, $b], $cost];
            }
        }
        if ($best === null) {
            return null;
        }

        return new self(
            intdiv($least, self::WHOLE) - self::SLACK,
            $three ? [$best[0], $best[1], self::WHOLE - $best[0] - $best[1]] : [$best[0], self::WHOLE - $best[0]],
            self::signs($lines, $terms, $bent, $best),
        );
    }

    /**
     * @param  list<array{int, int, int}>  $lines
     * @return list<array{int, int, int, int}> where two lines meet within the triangle, and which
     */
    private static function meetings(array $lines): array
    {
        $found = [];
        // A hundredth of the scale is fine enough for where they meet, and keeps the products in range.
        $coarse = array_map(
            static fn (array $line): array => [intdiv($line[0], 100), intdiv($line[1], 100), intdiv($line[2], 100)],
            $lines,
        );
        $count = count($coarse);
        for ($a = 0; $a < $count; $a++) {
            [$p, $q, $r] = $coarse[$a];
            for ($b = $a + 1; $b < $count; $b++) {
                [$s, $t, $u] = $coarse[$b];
                $across = $p * $t - $s * $q;
                if ($across === 0) {
                    continue;
                }
                $x = intdiv(($q * $u - $t * $r) * self::WHOLE, $across);
                $y = intdiv(($s * $r - $p * $u) * self::WHOLE, $across);
                if ($x >= 0 && $y >= 0 && $x + $y <= self::WHOLE) {
                    $found[] = [$x, $y, $a, $b];
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<array{int, int, int}>  $lines
     * @return list<array{int, int, int, int}> where a line crosses zero between the two
     */
    private static function crossings(array $lines): array
    {
        $found = [];
        foreach ($lines as $at => [$slope, , $start]) {
            if ($slope !== 0) {
                $x = intdiv(-$start * self::WHOLE, $slope);
                if ($x >= 0 && $x <= self::WHOLE) {
                    $found[] = [$x, 0, $at, $at];
                }
            }
        }

        return $found;
    }

    /**
     * What the lines that meet at the corner must count for, so that all slopes are in balance there.
     *
     * @param  list<array{int, int, int}>  $lines
     * @param  array{int, int, int, int}  $corner
     * @return array<int, int> thousandths
     */
    private static function signs(array $lines, int $terms, int $bent, array $corner): array
    {
        [$x, $y, $a, $b] = $corner;
        $signs = array_fill(0, $bent, 0);
        $right = $up = 0;
        for ($term = 0; $term < $terms; $term++) {
            if ($term === $a || $term === $b) {
                continue;
            }
            $sign = ($lines[$term][0] * $x + $lines[$term][1] * $y + $lines[$term][2] * self::WHOLE) <=> 0;
            $signs[$term] = 1000 * $sign;
            $right += $sign * $lines[$term][0];
            $up += $sign * $lines[$term][1];
        }
        [$p, $q] = $lines[$a];
        [$s, $t] = $lines[$b];
        $across = $p * $t - $s * $q;
        $weights = match (true) {
            $a === $b => [$a => $p === 0 ? 0 : intdiv(-$right * 1000, $p)],
            $across === 0 => [],
            default => [
                $a => self::ratio($s * $up - $t * $right, $across),
                $b => self::ratio($q * $right - $p * $up, $across),
            ],
        };
        foreach ($weights as $line => $weight) {
            if ($line < $terms) {
                $signs[$line] = max(-1000, min(1000, $weight));
            } elseif ($line < $bent) {
                // A limit is taken off the cost: it can only weigh one way.
                $signs[$line] = max(0, min(50_000, -$weight));
            }
        }

        return $signs;
    }

    /** A quotient in thousandths, without leaving the range of whole numbers. */
    private static function ratio(int $number, int $divisor): int
    {
        $shrink = 1 + intdiv(abs($number), 1_000_000_000_000_000);
        $divisor = intdiv($divisor, $shrink);

        return $divisor === 0 ? 0 : intdiv(intdiv($number, $shrink) * 1000, $divisor);
    }
}
