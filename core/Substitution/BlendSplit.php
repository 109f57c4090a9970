<?php

declare(strict_types=1);

namespace Core\Substitution;

/**
 * The cheapest amounts of two or three given shades, to the step, within their stock and with what the blend must have.
 *
 * Between two shades every miss of pigment is the absolute value of a line, and so is the level's while the sum of the
 * weights stays; their sum is convex and lowest at the weighted median of the places where they cross zero. Where the
 * sum of the weights moves (another school of levels), each stretch between two such places is searched by thirds: on
 * it the level's miss is a quotient of two lines, which bends one way only.
 */
final class BlendSplit
{
    /** How many splits were looked at. */
    public int $looks = 0;

    public function __construct(private readonly BlendForms $forms)
    {
    }

    /**
     * @return ?array{int, int} steps of the first, and the cost; null where there is no such split
     */
    public function pair(int $i, int $j): ?array
    {
        return $this->line($i, $j, null, 0);
    }

    /**
     * The cheapest split of what is left between two shades, beside some steps of a third.
     *
     * @param  ?int  $mass  taken for the sum of the weights, for a cost that is at most the true one
     * @return ?array{int, int} steps of the first, and the cost
     */
    private function line(int $i, int $j, ?int $k, int $beside, ?int $mass = null): ?array
    {
        $this->looks++;
        $forms = $this->forms;
        $steps = $forms->steps - $beside;
        $low = max(1, $steps - $forms->most[$j]);
        $high = min($forms->most[$i], $steps - 1);
        [$low, $high] = $this->within(i: $i, j: $j, k: $k, beside: $beside, low: $low, high: $high);
        if ($low > $high) {
            return null;
        }
        $massSlope = $mass === null ? $forms->weight[$i] - $forms->weight[$j] : 0;
        $mass ??= $forms->weight[$j] * $steps + ($k === null ? 0 : $forms->weight[$k] * $beside);
        $one = $forms->off[$i];
        $two = $forms->off[$j];
        $third = $k === null ? [] : $forms->off[$k];
        $start = $slopes = [];
        for ($term = 0; $term < $forms->terms; $term++) {
            $start[] = $two[$term] * $steps + ($k === null ? 0 : $third[$term] * $beside);
            $slopes[] = $one[$term] - $two[$term];
        }

        return $massSlope === 0 && $mass > 0
            ? $this->median($start, $slopes, $mass, $low, $high)
            : $this->stretches(
                start: $start,
                slopes: $slopes,
                mass: $mass,
                massSlope: $massSlope,
                low: $low,
                high: $high,
            );
    }

    /**
     * @param  list<int>  $start
     * @param  list<int>  $slopes
     * @return array{int, int}
     */
    private function median(array $start, array $slopes, int $mass, int $low, int $high): array
    {
        $steps = $this->forms->steps;
        // By place, in thousandths of a step: how much steeper it goes up behind it.
        $places = [];
        $tilt = 0;
        foreach ($slopes as $term => $slope) {
            if ($slope === 0) {
                continue;
            }
            $bend = $term === 0 ? intdiv(abs($slope) * $steps, $mass) : abs($slope);
            $place = intdiv(-$start[$term] * 1000, $slope);
            $places[$place] = ($places[$place] ?? 0) + 2 * $bend;
            $tilt -= $bend;
        }
        ksort($places);
        $at = $low;
        foreach ($places as $place => $bend) {
            $at = intdiv($place, 1000);
            $tilt += $bend;
            if ($tilt >= 0) {
                break;
            }
        }
        $best = $high;
        $least = PHP_INT_MAX;
        foreach ([$at - 1, $at, $at + 1, $at + 2] as $near) {
            $near = $near < $low ? $low : ($near > $high ? $high : $near);
            $cost = $this->at($start, $slopes, $mass, 0, $near);
            if ($cost < $least) {
                [$best, $least] = [$near, $cost];
            }
        }

        return [$best, $least];
    }

    /**
     * @param  list<int>  $start
     * @param  list<int>  $slopes
     * @return ?array{int, int}
     */
    private function stretches(array $start, array $slopes, int $mass, int $massSlope, int $low, int $high): ?array
    {
        $borders = [$low => true, $high => true];
        foreach ($slopes as $term => $slope) {
            if ($slope !== 0) {
                $at = intdiv(-$start[$term], $slope);
                foreach ([$at - 1, $at, $at + 1] as $near) {
                    if ($near > $low && $near < $high) {
                        $borders[$near] = true;
                    }
                }
            }
        }
        ksort($borders);
        $borders = array_keys($borders);
        $costs = array_map(fn (int $x): int => $this->at($start, $slopes, $mass, $massSlope, $x), $borders);
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($borders as $at => $x) {
            if ($costs[$at] < $least) {
                [$best, $least] = [$x, $costs[$at]];
            }
            $next = $borders[$at + 1] ?? $x;
            if ($next - $x < 2 || $costs[$at] === PHP_INT_MAX) {
                continue;
            }
            [$from, $to] = [$x, $next];
            while ($to - $from > 2) {
                $third = intdiv($to - $from, 3);
                [$left, $right] = [$from + $third, $to - $third];
                if (
                    $this->at($start, $slopes, $mass, $massSlope, $left) <= $this->at(
                        $start,
                        $slopes,
                        $mass,
                        $massSlope,
                        $right,
                    )
                ) {
                    $to = $right;
                } else {
                    $from = $left;
                }
            }
            for ($x = $from; $x <= $to; $x++) {
                $cost = $this->at($start, $slopes, $mass, $massSlope, $x);
                if ($cost < $least) {
                    [$best, $least] = [$x, $cost];
                }
            }
        }

        return $best === null ? null : [$best, $least];
    }

    /**
     * @param  list<int>  $start
     * @param  list<int>  $slopes
     */
    private function at(array $start, array $slopes, int $mass, int $massSlope, int $x): int
    {
        $cost = 0;
        for ($term = $this->forms->terms - 1; $term > 0; $term--) {
            $sum = $start[$term] + $slopes[$term] * $x;
            $cost += $sum < 0 ? -$sum : $sum;
        }
        $weight = $mass + $massSlope * $x;
        if ($weight <= 0) {
            return PHP_INT_MAX;
        }
        $level = abs($start[0] + $slopes[0] * $x);
        $steps = $this->forms->steps;

        return $cost + intdiv($level, $weight) * $steps + intdiv($level % $weight * $steps, $weight);
    }

    /**
     * @param  int  $bound  only what is below it is asked for
     * @param  int  $near  steps of the first to begin from
     * @return ?array{cost: int, members: array{int, int, int}, amounts: array{int, int, int}}
     */
    public function triple(int $i, int $j, int $k, int $bound, int $near): ?array
    {
        $forms = $this->forms;
        // What carries no level goes outside: then the sum of the weights stays while the others are split.
        if ($forms->weight[$j] === 0) {
            [$i, $j] = [$j, $i];
        } elseif ($forms->weight[$k] === 0) {
            [$i, $k] = [$k, $i];
        }
        $range = $this->range($i, $j, $k);
        if ($range === null) {
            return null;
        }
        [$low, $high] = $range;
        $near = max($low, min($high, $near));
        $isConvex = $forms->isLinear && (
            $forms->weight[$i] !== 0
            || $forms->weight[$j] === 0
            || $forms->weight[$k] === 0
        );

        return $isConvex ? $this->convex(
            [$i, $j, $k],
            $bound,
            $low,
            $high,
            $near,
        ) : $this->sweep([$i, $j, $k], $bound, $low, $high, $near);
    }

    /**
     * The least cost bends one way only along the outer shade: the lowest place is found by thirds, and from there it
     * is enough to go on until a whole step of the inner split could not make up for it.
     *
     * @param  array{int, int, int}  $members
     * @return ?array{cost: int, members: array{int, int, int}, amounts: array{int, int, int}}
     */
    private function convex(array $members, int $bound, int $low, int $high, int $near): ?array
    {
        [$i, $j, $k] = $members;
        $inner = $this->slopes($i, $j, $k)[1];
        // From near the lowest place outwards, twice as far each time, until it rises on both sides.
        [$from, $to] = [max($low, $near - 2), min($high, $near + 2)];
        for (
            $far = 4; $from > $low
            && ($this->line($j, $k, $i, $from)[1] ?? 0) < ($this->line($j, $k, $i, $from + 1)[1] ?? 0); $far *= 2
        ) {
            $from = max($low, $from - $far);
        }
        for (
            $far = 4; $to < $high
            && ($this->line($j, $k, $i, $to)[1] ?? 0) < ($this->line($j, $k, $i, $to - 1)[1] ?? 0); $far *= 2
        ) {
            $to = min($high, $to + $far);
        }
        while ($to - $from > 4) {
            $third = intdiv($to - $from, 3);
            if (
                (
                    $this->line($j, $k, $i, $from + $third)[1] ?? PHP_INT_MAX
                ) <= ($this->line($j, $k, $i, $to - $third)[1] ?? PHP_INT_MAX)
            ) {
                $to -= $third;
            } else {
                $from += $third;
            }
        }
        $best = null;
        $middle = intdiv($from + $to, 2);
        foreach ([[$middle, 1], [$middle - 1, -1]] as [$x, $way]) {
            for (; $x >= $low && $x <= $high; $x += $way) {
                $split = $this->line($j, $k, $i, $x);
                if ($split === null) {
                    continue;
                }
                if ($split[1] < $bound) {
                    $bound = $split[1];
                    $best = [
                        'cost' => $bound,
                        'members' => $members,
                        'amounts' => [$x, $split[0], $this->forms->steps - $x - $split[0]],
                    ];
                }
                if ($bound <= $split[1] - $inner && ($x > $to || $x < $from)) {
                    break;
                }
            }
        }

        return $best;
    }

    /**
     * Every amount of the outer shade that could matter. With the sum of the weights put at its most, the cost is less
     * and bends one way only: outside the places where even that is below the bound nothing is to be found. Inside
     * them, a far-off cost rules out its neighbours where nothing but the cost limits the split.
     *
     * @param  array{int, int, int}  $members
     * @return ?array{cost: int, members: array{int, int, int}, amounts: array{int, int, int}}
     */
    private function sweep(array $members, int $bound, int $low, int $high, int $near): ?array
    {
        [$i, $j, $k] = $members;
        [$outer, $inner] = $this->slopes($i, $j, $k);
        $free = ! $this->isLimited($i, $j, $k);
        $most = max($this->forms->weight[$i], $this->forms->weight[$j], $this->forms->weight[$k]) * $this->forms->steps;
        $best = null;
        foreach ([[$near, 1], [$near - 1, -1]] as [$from, $way]) {
            $last = PHP_INT_MAX;
            for ($x = $from; $x >= $low && $x <= $high;) {
                $least = $this->line($j, $k, $i, $x, $most)[1] ?? null;
                if ($least === null) {
                    $x += $way;

                    continue;
                }
                if ($least - $inner >= $bound) {
                    if ($least >= $last) {
                        break;
                    }
                    $last = $least;
                    $x += $way;

                    continue;
                }
                $last = $least;
                $split = $this->line($j, $k, $i, $x);
                if ($split !== null && $split[1] < $bound) {
                    $bound = $split[1];
                    $best = [
                        'cost' => $bound,
                        'members' => $members,
                        'amounts' => [$x, $split[0], $this->forms->steps - $x - $split[0]],
                    ];
                }
                $x += $way * ($split === null || ! $free ? 1 : max(1, intdiv($split[1] - $inner - $bound, $outer)));
            }
        }

        return $best;
    }

    /** Whether stock, or what a blend must have, limits some split of them. */
    private function isLimited(int $i, int $j, int $k): bool
    {
        foreach ([$i, $j, $k] as $shade) {
            if ($this->forms->most[$shade] < $this->forms->steps) {
                return true;
            }
            foreach ($this->forms->limits as $limit) {
                if ($limit[$shade] < 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The steps of the first of two shades, beside some of a third, with which the blend has what it must have.
     *
     * @return array{int, int} the first more than the last where there are none
     */
    private function within(int $i, int $j, ?int $k, int $beside, int $low, int $high): array
    {
        $steps = $this->forms->steps - $beside;
        $lacking = 0;
        foreach ($this->forms->limits as $limit) {
            $start = $limit[$j] * $steps + ($k === null ? 0 : $limit[$k] * $beside);
            $slope = $limit[$i] - $limit[$j];
            if ($slope > 0) {
                $low = max($low, self::ceil(-$start, $slope));
            } elseif ($slope < 0) {
                $high = min($high, -self::ceil(-$start, -$slope));
            } elseif ($start < 0) {
                // No split of the two mends it; how much is lacking says which way the third must go.
                $lacking = min($lacking, -1 - intdiv(-$start, 1000));
            }
        }

        return $lacking === 0 ? [$low, $high] : [0, min($lacking, $high - $low)];
    }

    /** @return ?array{int, int} steps of the outer shade for which there is a split at all */
    private function range(int $i, int $j, int $k): ?array
    {
        $forms = $this->forms;
        $low = max(1, $forms->steps - $forms->most[$j] - $forms->most[$k]);
        $high = min($forms->most[$i], $forms->steps - 2);
        if ($low > $high) {
            return null;
        }
        // How much room a split has is least at the ends: it is highest at one place, and falls off on both sides.
        [$from, $to] = [$low, $high];
        while ($to - $from > 2) {
            $third = max(1, intdiv($to - $from, 3));
            if ($this->room($i, $j, $k, $from + $third) >= $this->room($i, $j, $k, $to - $third)) {
                $to -= $third;
            } else {
                $from += $third;
            }
        }
        $top = $from;
        for ($x = $from; $x <= $to; $x++) {
            $top = $this->room($i, $j, $k, $x) > $this->room($i, $j, $k, $top) ? $x : $top;
        }
        if ($this->room($i, $j, $k, $top) < 0) {
            // Between whole steps there may be room where none of them has it, but no split either.
            return null;
        }

        return [$this->border($i, $j, $k, $top, $low), $this->border($i, $j, $k, $top, $high)];
    }

    /** How many steps the inner split can move beside so much of the outer shade; below zero where there is none. */
    private function room(int $i, int $j, int $k, int $x): int
    {
        $steps = $this->forms->steps - $x;
        [$low, $high] = $this->within(
            i: $j,
            j: $k,
            k: $i,
            beside: $x,
            low: max(1, $steps - $this->forms->most[$k]),
            high: min($this->forms->most[$j], $steps - 1),
        );

        return $high - $low;
    }

    /** The last place towards an end at which there is a split. */
    private function border(int $i, int $j, int $k, int $inside, int $end): int
    {
        $way = $end <=> $inside;
        while ($inside !== $end) {
            $middle = $inside + $way * max(1, intdiv(abs($end - $inside) + 1, 2));
            if ($this->room($i, $j, $k, $middle) >= 0) {
                $inside = $middle;
            } else {
                $end = $middle - $way;
            }
        }

        return $inside;
    }

    /**
     * @return array{int, int} by how much the cost can change when a step moves to the outer shade, and between the
     *     inner ones
     */
    private function slopes(int $i, int $j, int $k): array
    {
        $forms = $this->forms;
        $outer = $inner = 1;
        for ($term = 1; $term < $forms->terms; $term++) {
            $outer += max(
                abs($forms->off[$i][$term] - $forms->off[$j][$term]),
                abs($forms->off[$i][$term] - $forms->off[$k][$term]),
            );
            $inner += abs($forms->off[$j][$term] - $forms->off[$k][$term]);
        }
        $carrying = array_filter([$forms->weight[$i], $forms->weight[$j], $forms->weight[$k]]);
        // Level by level, a mean moves at most by the widest gap times the step's part of the weight.
        $levels = array_map(
            static fn (int $shade): int => $forms->weight[$shade] === 0 ? 0 : intdiv(
                abs($forms->off[$shade][0]),
                $forms->weight[$shade],
            ),
            [$i, $j, $k],
        );
        $move = $carrying === [] ? 0 : intdiv(2 * max($levels) * max($carrying), min($carrying)) + 1;

        return [$outer + ($forms->weight[$i] === 0 ? 0 : $move), $inner + $move];
    }

    private static function ceil(int $number, int $divisor): int
    {
        return intdiv($number, $divisor) + ($number > 0 && $number % $divisor !== 0 ? 1 : 0);
    }
}
