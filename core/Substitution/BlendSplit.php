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

    private readonly BlendRoom $room;

    public function __construct(private readonly BlendForms $forms)
    {
        $this->room = new BlendRoom($forms);
    }

    /**
     * @return ?array{int, int} steps of the first, and the cost; null where there is no such split
     */
    public function pair(int $i, int $j): ?array
    {
        $split = $this->line($i, $j, null, 0);

        return $split === null ? null : [$split[0], $split[1]];
    }

    /**
     * The cheapest split of what is left between two shades, beside some steps of a third.
     *
     * @param  ?int  $mass  taken for the sum of the weights, for a cost that is at most the true one
     * @return ?array{0: int, 1: int, 2?: int, 3?: int} steps of the first, and the cost; where the sum of the weights
     *     stays also what it would cost at least and at most were steps not whole
     */
    private function line(int $i, int $j, ?int $k, int $beside, ?int $mass = null): ?array
    {
        $this->looks++;
        $forms = $this->forms;
        $steps = $forms->steps - $beside;
        $low = max(1, $steps - $forms->most[$j]);
        $high = min($forms->most[$i], $steps - 1);
        [$low, $high] = $this->room->between(i: $i, j: $j, k: $k, beside: $beside, low: $low, high: $high);
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
     * @return array{int, int, int, int} steps and cost; then what it would cost at least and at most were steps not whole
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
        $lowest = 1000 * $low;
        $steepest = -$tilt;
        foreach ($places as $place => $bend) {
            $lowest = $place;
            $tilt += $bend;
            if ($tilt >= 0) {
                break;
            }
        }
        $at = intdiv($lowest, 1000);
        $best = $high;
        $least = PHP_INT_MAX;
        foreach ([$at - 1, $at, $at + 1, $at + 2] as $near) {
            $near = $near < $low ? $low : ($near > $high ? $high : $near);
            $cost = $this->at($start, $slopes, $mass, 0, $near);
            if ($cost < $least) {
                [$best, $least] = [$near, $cost];
            }
        }
        // Were steps not whole, the limits could lie up to a step further out.
        $real = $this->between($start, $slopes, $mass, max(1000 * $low - 1000, min(1000 * $high + 1000, $lowest)));
        $above = $lowest < 1000 * $low || $lowest > 1000 * $high ? $least : $real;

        return [$best, $least, $real - intdiv($steepest, 1000) - $steps - count($slopes), $above];
    }

    /**
     * What it would cost with thousandths of a step.
     *
     * @param  list<int>  $start
     * @param  list<int>  $slopes
     */
    private function between(array $start, array $slopes, int $mass, int $thousandths): int
    {
        $cost = 0;
        for ($term = $this->forms->terms - 1; $term > 0; $term--) {
            $sum = 1000 * $start[$term] + $slopes[$term] * $thousandths;
            $cost += $sum < 0 ? -$sum : $sum;
        }
        $level = intdiv(abs(1000 * $start[0] + $slopes[0] * $thousandths), 1000);
        $steps = $this->forms->steps;

        return intdiv($cost, 1000) + intdiv($level, $mass) * $steps + intdiv($level % $mass * $steps, $mass);
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
        $range = $this->room->outside($i, $j, $k);
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
     * The least cost bends one way only along the outer shade, but for what whole steps of the inner split add to it.
     * About the lowest place is found by thirds; from there it is gone on, either way, until it rises without whole
     * steps too, and above the bound.
     *
     * @param  array{int, int, int}  $members
     * @return ?array{cost: int, members: array{int, int, int}, amounts: array{int, int, int}}
     */
    private function convex(array $members, int $bound, int $low, int $high, int $near): ?array
    {
        [$i, $j, $k] = $members;
        $slopes = $this->slopes($i, $j, $k);
        // From near the lowest place outwards, twice as far each time, until it rises on both sides.
        [$from, $to] = [max($low, $near - 2), min($high, $near + 2)];
        for (
            $far = 4; $from > $low
            && $this->falls($j, $k, $i, $from + 1, $from); $far *= 2
        ) {
            $from = max($low, $from - $far);
        }
        for (
            $far = 4; $to < $high
            && $this->falls($j, $k, $i, $to - 1, $to); $far *= 2
        ) {
            $to = min($high, $to + $far);
        }
        while ($to - $from > 4) {
            $third = intdiv($to - $from, 3);
            $left = $this->line($j, $k, $i, $from + $third);
            $right = $this->line($j, $k, $i, $to - $third);
            if ($left === null || $right === null) {
                // Too narrow for whole steps: every place of it is gone through.
                break;
            }
            if ($left[1] <= $right[1]) {
                $to -= $third;
            } else {
                $from += $third;
            }
        }
        $best = null;
        $middle = intdiv($from + $to, 2);
        foreach ([[$middle, 1], [$middle - 1, -1]] as [$x, $way]) {
            $lowest = PHP_INT_MAX;
            for (; $x >= $low && $x <= $high; $x += $way) {
                $split = $this->line($j, $k, $i, $x);
                if ($split === null) {
                    continue;
                }
                $least = $split[2] ?? $split[1] - $this->inner($slopes, $i, $x);
                if ($least >= $lowest && $least >= $bound) {
                    break;
                }
                $lowest = min($lowest, $split[3] ?? $split[1]);
                if ($split[1] < $bound) {
                    $bound = $split[1];
                    $best = [
                        'cost' => $bound,
                        'members' => $members,
                        'amounts' => [$x, $split[0], $this->forms->steps - $x - $split[0]],
                    ];
                }
            }
        }

        return $best;
    }

    /** Whether it is cheaper with one more step outwards, or cannot be said, for there is no split in whole steps. */
    private function falls(int $i, int $j, int $k, int $inside, int $outside): bool
    {
        $here = $this->line($i, $j, $k, $outside);
        $before = $here === null ? null : $this->line($i, $j, $k, $inside);

        return $here === null || $before === null || $here[1] < $before[1];
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
        $slopes = $this->slopes($i, $j, $k);
        $free = ! $this->isLimited($i, $j, $k);
        $most = max($this->forms->weight[$i], $this->forms->weight[$j], $this->forms->weight[$k]) * $this->forms->steps;
        $best = null;
        foreach ([[$near, 1], [$near - 1, -1]] as [$from, $way]) {
            $lowest = PHP_INT_MAX;
            for ($x = $from; $x >= $low && $x <= $high;) {
                $relaxed = $this->line($j, $k, $i, $x, $most);
                if ($relaxed === null) {
                    $x += $way;

                    continue;
                }
                $inner = $this->inner($slopes, $i, $x);
                $least = $relaxed[2] ?? $relaxed[1] - $inner;
                if ($least >= $bound) {
                    if ($least >= $lowest) {
                        break;
                    }
                    $lowest = min($lowest, $relaxed[3] ?? $relaxed[1]);
                    $x += $way;

                    continue;
                }
                $lowest = min($lowest, $relaxed[3] ?? $relaxed[1]);
                $split = $this->line($j, $k, $i, $x);
                if ($split !== null && $split[1] < $bound) {
                    $bound = $split[1];
                    $best = [
                        'cost' => $bound,
                        'members' => $members,
                        'amounts' => [$x, $split[0], $this->forms->steps - $x - $split[0]],
                    ];
                }
                $x += $way * ($split === null || ! $free ? 1 : max(1, intdiv($split[1] - $inner - $bound, $slopes[0])));
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
     * By how much the cost can change when a step moves to the outer shade, by how much the pigment's when one moves
     * between the inner ones, and the level's then, where every step carries a level.
     *
     * @return array{int, int, int}
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

        return [$outer + ($forms->weight[$i] === 0 ? 0 : $move), $inner, $move];
    }

    /**
     * What whole steps of the inner split can add to the least cost beside so much of the outer shade. Where that
     * carries no level, the others' steps are the more of it the fewer they are.
     *
     * @param  array{int, int, int}  $slopes
     */
    private function inner(array $slopes, int $i, int $x): int
    {
        $steps = $this->forms->steps;

        return $slopes[1] + (
            $this->forms->weight[$i] === 0 ? intdiv($slopes[2] * $steps, $steps - $x) + 1 : $slopes[2]
        );
    }
}
