<?php

declare(strict_types=1);

namespace Core\Pigment;

/**
 * The amount at which a falling value comes to what is wanted: false position, kept honest as in the Illinois method
 * (Dowell and Jarratt, "A modified regula falsi method", 1971, from memory).
 */
final class Until
{
    private const NEAR = 0.002;

    private const MOST_STEPS = 60;

    /**
     * @param  callable(float): float  $value  never rises as its argument grows
     * @param  float  $most  where the value is surely at or below what is wanted
     * @return float the amount; the nearer end where what is wanted lies outside
     */
    public static function falls(float $wanted, callable $value, float $most): float
    {
        [$low, $high] = [0.0, $most];
        [$above, $below] = [$value($low) - $wanted, $value($high) - $wanted];
        if ($above <= 0) {
            return $low;
        }
        if ($below >= 0) {
            return $high;
        }
        $side = 0;
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $middle = ($low * $below - $high * $above) / ($below - $above);
            $here = $value($middle) - $wanted;
            if (abs($here) < self::NEAR) {
                return $middle;
            }
            if ($here > 0) {
                [$low, $above] = [$middle, $here];
                $below = $side === 1 ? $below / 2 : $below;
                $side = 1;
            } else {
                [$high, $below] = [$middle, $here];
                $above = $side === -1 ? $above / 2 : $above;
                $side = -1;
            }
        }

        return ($low + $high) / 2;
    }
}
