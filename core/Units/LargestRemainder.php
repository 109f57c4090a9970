<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * Rounds a list of exact amounts so that they add up to a given total, to the step:
 * everyone gets the step below, and the steps left over go to the largest remainders
 * (Hamilton's method); equal remainders are served in list order.
 */
final class LargestRemainder
{
    /**
     * @param  list<Fraction>  $centigrams  exact amounts; their sum is within half a step of $total
     * @return list<Grams> together exactly $total
     */
    public static function round(array $centigrams, Grams $total, ScaleStep $step): array
    {
        $unit = $step->centigrams();
        $floors = array_map(static fn (Fraction $exact): int => $exact->rounded($unit, Rounding::Down), $centigrams);
        $spare = intdiv($total->centigrams - array_sum($floors), $unit);
        if ($spare > 0) {
            $remainders = array_map(
                static fn (Fraction $exact, int $floor): Fraction => $exact->minus(Fraction::of($floor)),
                $centigrams,
                $floors,
            );
            $order = array_keys($centigrams);
            usort($order, static fn (int $a, int $b): int => $remainders[$b]->compare($remainders[$a]) ?: $a - $b);
            foreach (array_slice($order, 0, $spare) as $index) {
                $floors[$index] += $unit;
            }
        }

        return array_values(array_map(Grams::ofCentigrams(...), $floors));
    }
}
