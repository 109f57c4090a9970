<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Price;
use Core\Units\Rounding;

/**
 * What was poured and what of it never came onto a head, in grams and in money. Each product of a batch is wasted in
 * the proportion in which the batch was: from the bowl no one can take one product and leave the other. What has no
 * price is told apart, and is not free. Of what was wasted, bowls that were thrown away whole are told apart; what went
 * in beyond the plan is told beside it, whether it came onto a head or not.
 */
final readonly class CostSheet
{
    private const NOTHING = [
        'grams' => 0,
        'wasted' => 0,
        'cents' => 0,
        'wastedCents' => 0,
        'unpriced' => 0,
        'thrown' => 0,
        'thrownCents' => 0,
        'over' => 0,
        'overCents' => 0,
    ];

    /** Each lot is worked to a thousandth of a centigram and of a cent, so that any number of them can be added up. */
    private const FINE = 1000;

    /** @param  array<string, array{grams: int, wasted: int, cents: int, wastedCents: int, unpriced: int, thrown: int, thrownCents: int, over: int, overCents: int}>  $sums  in thousandths */
    private function __construct(private array $sums)
    {
    }

    /** @param  iterable<Lot>  $lots */
    public static function of(iterable $lots): self
    {
        $sums = [];
        foreach ($lots as $lot) {
            $grams = $lot->poured->exactly();
            $wasted = $lot->mixed->isZero()
                ? Fraction::zero()
                : $grams->times(Fraction::of($lot->mixed->lessAtMost($lot->used)->centigrams, $lot->mixed->centigrams));
            $thrown = $lot->thrown ? $wasted : Fraction::zero();
            $each = $lot->perCentigram();
            $now = $sums[$lot->group] ?? self::NOTHING;
            $sums[$lot->group] = [
                'grams' => $now['grams'] + self::fine($grams),
                'wasted' => $now['wasted'] + self::fine($wasted),
                'cents' => $now['cents'] + self::fine($grams->times($each ?? Fraction::zero())),
                'wastedCents' => $now['wastedCents'] + self::fine($wasted->times($each ?? Fraction::zero())),
                'unpriced' => $now['unpriced'] + ($each === null ? self::fine($grams) : 0),
                'thrown' => $now['thrown'] + self::fine($thrown),
                'thrownCents' => $now['thrownCents'] + self::fine($thrown->times($each ?? Fraction::zero())),
                'over' => $now['over'] + self::fine($lot->over()->exactly()),
                'overCents' => $now['overCents'] + self::fine(
                    $lot->over()->exactly()->times($each ?? Fraction::zero()),
                ),
            ];
        }

        return new self($sums);
    }

    /** @return array<string, array{poured: Grams, wasted: Grams, cost: Price, wastedCost: Price, unpriced: Grams, thrown: Grams, thrownCost: Price, over: Grams, overCost: Price}> by group */
    public function rows(): array
    {
        return array_map(self::shown(...), $this->sums);
    }

    /** @return array{poured: Grams, wasted: Grams, cost: Price, wastedCost: Price, unpriced: Grams, thrown: Grams, thrownCost: Price, over: Grams, overCost: Price} */
    public function total(): array
    {
        $all = self::NOTHING;
        foreach ($this->sums as $sum) {
            foreach ($sum as $name => $value) {
                $all[$name] += $value;
            }
        }

        return self::shown($all);
    }

    private static function fine(Fraction $of): int
    {
        return $of->times(Fraction::of(self::FINE))->rounded(1, Rounding::HalfUp);
    }

    /**
     * Rounded once, at the end.
     *
     * @param  array{grams: int, wasted: int, cents: int, wastedCents: int, unpriced: int, thrown: int, thrownCents: int, over: int, overCents: int}  $sum
     * @return array{poured: Grams, wasted: Grams, cost: Price, wastedCost: Price, unpriced: Grams, thrown: Grams, thrownCost: Price, over: Grams, overCost: Price}
     */
    private static function shown(array $sum): array
    {
        $grams = static fn (int $of): Grams => Grams::ofCentigrams(
            Fraction::of($of, self::FINE)->rounded(1, Rounding::HalfUp),
        );
        $price = static fn (int $of): Price => Price::ofCents(
            Fraction::of($of, self::FINE)->rounded(1, Rounding::HalfUp),
        );

        return [
            'poured' => $grams($sum['grams']),
            'wasted' => $grams($sum['wasted']),
            'cost' => $price($sum['cents']),
            'wastedCost' => $price($sum['wastedCents']),
            'unpriced' => $grams($sum['unpriced']),
            'thrown' => $grams($sum['thrown']),
            'thrownCost' => $price($sum['thrownCents']),
            'over' => $grams($sum['over']),
            'overCost' => $price($sum['overCents']),
        ];
    }
}
