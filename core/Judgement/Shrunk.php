<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Pigment\Real;
use Core\Practice\Number;
use Core\Units\Fraction;

/**
 * A quantity that the table says first, the salon's closed visits move, and the client's own move more: the mean of a
 * normal quantity with a normal prior, twice over. House: (k·table + sum of the house) ÷ (k + n); client: (k·house +
 * sum of the client) ÷ (k + n). k is how many visits the prior is worth: the variance of one visit over the variance
 * between houses, or between clients. Source: shrinkage after Efron and Morris, "Data analysis using Stein's estimator
 * and its generalizations", JASA 1975; the normal–normal posterior as in Gelman et al., Bayesian Data Analysis, chapter
 * 2 (from memory).
 */
final readonly class Shrunk
{
    /**
     * @param  Fraction  $spread  standard deviation of one more visit around it
     * @param  int  $own  visits of this client's
     * @param  int  $house  visits of all others
     */
    private function __construct(public Fraction $mean, public Fraction $spread, public int $own, public int $house)
    {
    }

    /**
     * @param  Fraction  $table  what is said before anything was seen
     * @param  list<array{count: int, sum: Fraction, weight: Fraction}>  $house  of all other clients; what is less
     *     alike weighs less
     * @param  list<array{count: int, sum: Fraction, weight: Fraction}>  $own  of this client
     * @param  Number  $once  standard deviation of one visit
     */
    public static function of(Fraction $table, array $house, array $own, Number $once): self
    {
        [$houseMean] = self::moved($table, Number::HouseWorth->value(), $house);
        [$mean, $weight] = self::moved($houseMean, Number::ClientWorth->value(), $own);

        return new self(
            $mean,
            // One visit's own scatter, and what is not known of this client yet.
            Real::root(Fraction::one()->plus(Fraction::one()->dividedBy($weight)))->times($once->value()),
            array_sum(array_column($own, 'count')),
            array_sum(array_column($house, 'count')),
        );
    }

    /**
     * @param  list<array{count: int, sum: Fraction, weight: Fraction}>  $seen
     * @return array{Fraction, Fraction} the mean, and how many visits it is worth
     */
    private static function moved(Fraction $prior, Fraction $worth, array $seen): array
    {
        [$sum, $weight] = [$prior->times($worth), $worth];
        foreach ($seen as $each) {
            $sum = $sum->plus($each['sum']->times($each['weight']));
            $weight = $weight->plus($each['weight']->times(Fraction::of($each['count'])));
        }

        return [Real::hundredths(Real::of($sum->dividedBy($weight))), $weight];
    }

    /** The one that more is known of. */
    public static function better(?self $one, ?self $other): ?self
    {
        return match (true) {
            $one === null || $other === null => $one ?? $other,
            default => [$other->own, $other->house] > [$one->own, $one->house] ? $other : $one,
        };
    }

    public function isLearnt(): bool
    {
        return $this->own + $this->house > 0;
    }
}
