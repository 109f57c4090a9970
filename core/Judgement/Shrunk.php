<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Pigment\Real;
use Core\Practice\Number;
use Core\Units\Fraction;

/**
 * A quantity that the table says first, the salon's closed visits move, and the client's own move more: the mean of a normal
 * quantity with a normal prior, twice over. House: (k·table + sum of the house) ÷ (k + n); client: (k·house + sum of the
 * client) ÷ (k + n). k is how many visits the prior is worth: the variance of one visit over the variance between houses, or
 * between clients. Source: shrinkage after Efron and Morris, "Data analysis using Stein's estimator and its generalizations",
 * JASA 1975; the normal–normal posterior as in Gelman et al., Bayesian Data Analysis, chapter 2 (from memory).
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
     * @param  array{count: int, sum: Fraction}  $house  of all other clients
     * @param  list<Fraction>  $own  of this client
     * @param  Number  $once  standard deviation of one visit
     */
    public static function of(Fraction $table, array $house, array $own, Number $once): self
    {
        $worth = Number::HouseWorth->value();
        $houseMean = Real::hundredths(Real::of(
            $table->times($worth)->plus($house['sum'])->dividedBy($worth->plus(Fraction::of($house['count']))),
        ));
        $sum = array_reduce($own, static fn (Fraction $sum, Fraction $each): Fraction => $sum->plus($each), Fraction::zero());
        $ownWorth = Number::ClientWorth->value();
        $weight = $ownWorth->plus(Fraction::of(count($own)));

        return new self(
            Real::hundredths(Real::of($houseMean->times($ownWorth)->plus($sum)->dividedBy($weight))),
            // One visit's own scatter, and what is not known of this client yet.
            Real::root(Fraction::one()->plus(Fraction::one()->dividedBy($weight)))->times($once->value()),
            count($own),
            $house['count'],
        );
    }

    /** Nothing was seen: what the table says. */
    public static function unseen(Fraction $table, Number $once): self
    {
        return self::of($table, ['count' => 0, 'sum' => Fraction::zero()], [], $once);
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
