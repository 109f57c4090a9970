<?php

declare(strict_types=1);

namespace Core\Substitution;

/** Which splits of two or three shades there can be: within their stock, and with what the blend must have. */
final readonly class BlendRoom
{
    public function __construct(private BlendForms $forms)
    {
    }

    /**
     * The steps of the first of two shades, beside some of a third, with which the blend has what it must have.
     *
     * @return array{int, int} the first more than the last where there are none
     */
    public function between(int $i, int $j, ?int $k, int $beside, int $low, int $high): array
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

    /**
     * The steps of the outer shade beside which the others can be split at all, were they not in whole steps: whatever
     * the first of them must be at least is no more than what it may be at most.
     *
     * @return ?array{int, int}
     */
    public function outside(int $i, int $j, int $k): ?array
    {
        $forms = $this->forms;
        $steps = $forms->steps;
        $low = max(1, $steps - $forms->most[$j] - $forms->most[$k]);
        $high = min($forms->most[$i], $steps - 2);
        // Each a line over the outer shade's steps, and what it is divided by.
        $least = [[1, 0, 1], [$steps - $forms->most[$k], -1, 1]];
        $most = [[$forms->most[$j], 0, 1], [$steps - 1, -1, 1]];
        $signs = [];
        foreach ($forms->limits as $limit) {
            $start = $limit[$k] * $steps;
            $outer = $limit[$i] - $limit[$k];
            $inner = $limit[$j] - $limit[$k];
            if ($inner > 0) {
                $least[] = [-$start, -$outer, $inner];
            } elseif ($inner < 0) {
                $most[] = [$start, $outer, -$inner];
            } else {
                $signs[] = [-$start, -$outer];
            }
        }
        foreach ($least as [$c, $d, $by]) {
            foreach ($most as [$e, $f, $over]) {
                $signs[] = [$c * $over - $e * $by, $d * $over - $f * $by];
            }
        }
        foreach ($signs as [$start, $slope]) {
            // What must not be above zero.
            if ($slope > 0) {
                $high = min($high, -self::ceil($start, $slope));
            } elseif ($slope < 0) {
                $low = max($low, self::ceil($start, -$slope));
            } elseif ($start > 0) {
                return null;
            }
        }

        return $low > $high ? null : [$low, $high];
    }

    private static function ceil(int $number, int $divisor): int
    {
        return intdiv($number, $divisor) + ($number > 0 && $number % $divisor !== 0 ? 1 : 0);
    }
}
