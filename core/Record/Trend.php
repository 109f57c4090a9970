<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Fact;
use Core\Practice\Number;
use Core\Units\Fraction;

/** One number of a job from visit to visit: grams used, strength, level; with its drift called out. */
final readonly class Trend
{
    /** Fewer points are no line. */
    private const LEAST = 4;

    /**
     * @param  list<array{at: string, value: Fraction}>  $points  oldest first
     */
    private function __construct(public string $what, public string $unit, public array $points, public ?Fact $drift)
    {
    }

    /** @param  list<array{at: string, value: Fraction}>  $points  oldest first */
    public static function of(string $what, string $unit, array $points): self
    {
        return new self($what, $unit, $points, self::drift($points, $unit));
    }

    /**
     * A drift is a mean of the last third that has left the mean of the first third by more than the bound.
     *
     * @param  list<array{at: string, value: Fraction}>  $points
     */
    private static function drift(array $points, string $unit): ?Fact
    {
        $count = count($points);
        if ($count < self::LEAST) {
            return null;
        }
        $third = max(1, intdiv($count, 3));
        $first = self::mean(array_slice($points, 0, $third));
        $last = self::mean(array_slice($points, -$third));
        if ($first->isZero()) {
            return null;
        }
        $gap = $last->minus($first);
        $size = $gap->isNegative() ? $gap->negated() : $gap;
        if ($size->dividedBy($first)->compare(Number::TrendDrift->value()) < 0) {
            return null;
        }

        return Fact::of(
            $gap->isNegative() ? 'why.trend.drifting-down' : 'why.trend.drifting-up',
            first: $first->decimal(1), last: $last->decimal(1), unit: $unit, count: $count,
        );
    }

    /** @param  list<array{at: string, value: Fraction}>  $points */
    private static function mean(array $points): Fraction
    {
        $sum = Fraction::zero();
        foreach ($points as $point) {
            $sum = $sum->plus($point['value']);
        }

        return $sum->dividedBy(Fraction::of(max(1, count($points))));
    }
}
