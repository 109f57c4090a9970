<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\HouseRules;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * The nearest blends of one, two and three shades for a wanted one, exact under this objective (our own model):
 *
 *     distance = |mean level − wanted level| + Σ over tone families |pigment − wanted pigment|   (in levels)
 *
 * both as shares of the whole blend, pigment being intensity × tone share; clear and boosters leave the level alone.
 * Amounts are whole steps of the scale, within stock, together the wanted total. Where grey cover is asked, a blend
 * with enough natural always comes before one without.
 *
 * Every term is the absolute value of a linear form of the amounts, so the cost of a set of shades is convex. A set is
 * left out only when some sign pattern of the terms proves that no amounts of it can beat what is already found; the
 * rest is solved to the step. Limits: 400 shades, 3 in a blend, and so many looks that no search holds a worker for longer than
 * about a second; one that reaches them gives the nearest blends found until then, and says that there may be nearer ones.
 */
final class FindBlends
{
    public const MOST_SHADES = 400;

    /** Splits looked at, of some 10 to 20 microseconds each. */
    private const MOST_LOOKS = 50_000;

    /** More than any true distance: one step short of grey cover weighs more than all else. */
    private const PENALTY = 1_000_000;

    /** @var list<list<int>> by candidate: its linear forms, one a term */
    private array $forms = [];

    /** @var list<int> by candidate: steps of natural above what is asked, scaled */
    private array $natural = [];

    /** @var list<int> by candidate: most steps of it */
    private array $most = [];

    private int $terms = 0;

    private int $looks = 0;

    /** @param  list<Candidate>  $shelf in a total order */
    private function __construct(private readonly array $shelf, private readonly int $steps, private readonly int $scale)
    {
    }

    /**
     * @param  list<Candidate>  $shelf  of one line
     * @param  Fraction  $leastNatural  share of natural the blend must keep for grey, 0 where none is asked
     * @return non-empty-list<Blend> best first; the best of one, two and three shades, each only if it beats the smaller.
     *                               What carries no level stands in for no shade by itself: where only clear and boosters
     *                               are left so near, the best of the shades that do carry one is given.
     *
     * @throws SubstitutionRefused
     */
    public static function for(Pigment $wanted, Grams $total, array $shelf, Fraction $leastNatural, HouseRules $rules): array
    {
        $unit = $rules->step->centigrams();
        $steps = $total->exactly()->rounded($unit, Rounding::HalfUp) / $unit;
        $level = $wanted->level ?? throw SubstitutionRefused::noLevel();
        if ($shelf === []) {
            throw SubstitutionRefused::emptyShelf();
        }
        if (count($shelf) > self::MOST_SHADES) {
            throw SubstitutionRefused::tooManyShades(self::MOST_SHADES);
        }
        if ($steps < 1) {
            throw SubstitutionRefused::nothingWanted($rules->step->show());
        }
        // The answer must not depend on the order the shelf was read in.
        usort($shelf, static fn (Candidate $a, Candidate $b): int => strcmp($a->key, $b->key));
        $search = new self($shelf, (int) $steps, self::commonScale($wanted, $level, $leastNatural, $shelf));
        $search->prepare($wanted, $level, $leastNatural, $unit);
        $found = $search->search();
        if ($found === []) {
            throw SubstitutionRefused::notEnoughStock();
        }
        $levelled = array_values(array_filter($found, static fn (array $best): bool => array_filter($best['members'], static fn (int $member): bool => $shelf[$member]->pigment->level !== null) !== []));
        if ($levelled === []) {
            return self::for($wanted, $total, array_values(array_filter($shelf, static fn (Candidate $each): bool => $each->pigment->level !== null)), $leastNatural, $rules);
        }

        return array_map(static fn (array $best): Blend => $search->blend($best, $wanted, $unit, $rules), $levelled);
    }

    /**
     * @return list<array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>}> cheapest first
     */
    private function search(): array
    {
        $count = count($this->shelf);
        $one = $two = $three = null;
        for ($i = 0; $i < $count; $i++) {
            if ($this->most[$i] >= $this->steps) {
                $cost = $this->cost([$i], [$this->steps]);
                $one = $one === null || $cost < $one['cost'] ? ['cost' => $cost, 'members' => [$i], 'amounts' => [$this->steps]] : $one;
            }
        }
        $bound = $one['cost'] ?? PHP_INT_MAX;
        $order = $this->byOwnCost();
        $masks = $this->masks($bound);
        for ($a = 0; $a < $count && ! $this->isSpent(); $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                [$i, $j] = [$order[$a], $order[$b]];
                if (($masks[$i] | $masks[$j]) !== -1) {
                    continue;
                }
                $best = $this->pair($i, $j, $bound);
                if ($best !== null) {
                    $two = $best;
                    $bound = $best['cost'];
                    $masks = $this->masks($bound);
                }
            }
        }
        for ($a = 0; $a < $count && $bound > 0; $a++) {
            for ($b = $a + 1; $b < $count && ! $this->isSpent(); $b++) {
                $both = $masks[$order[$a]] | $masks[$order[$b]];
                for ($c = $b + 1; $c < $count; $c++) {
                    if (($both | $masks[$order[$c]]) !== -1) {
                        continue;
                    }
                    $best = $this->triple($order[$a], $order[$b], $order[$c], $bound);
                    if ($best !== null) {
                        $three = $best;
                        $bound = $best['cost'];
                        $masks = $this->masks($bound);
                        $both = $masks[$order[$a]] | $masks[$order[$b]];
                    }
                }
            }
        }

        return array_values(array_filter([$three, $two, $one]));
    }

    /**
     * For each shade a bit per sign pattern: set where the shade alone could be below the bound under that pattern.
     * A set of shades in which no member is below it under some pattern cannot beat the bound: under a pattern the
     * cost is at least a mean of the members' own values. All bits of a viable set together are −1.
     *
     * @return list<int>
     */
    private function masks(int $bound): array
    {
        $patterns = $this->patterns();
        $masks = [];
        foreach ($this->forms as $forms) {
            $mask = -1;
            foreach ($patterns as $bit => $pattern) {
                $value = 0;
                foreach ($pattern as $term => $sign) {
                    $value += $sign * $forms[$term];
                }
                if ($value * $this->steps >= $bound) {
                    $mask &= ~(1 << $bit);
                }
            }
            $masks[] = $mask;
        }

        return $masks;
    }

    /** @var ?list<array<int, int>> */
    private ?array $patterns = null;

    /**
     * Up to 62 sign patterns: terms that cannot change sign always count; the others, most telling first, both ways
     * and alone and together.
     *
     * @return list<array<int, int>> sign by term
     */
    private function patterns(): array
    {
        if ($this->patterns !== null) {
            return $this->patterns;
        }
        $fixed = $free = [];
        for ($term = 0; $term < $this->terms; $term++) {
            $values = array_column($this->forms, $term);
            // Zero changes no sign, and keeps the list from being empty.
            [$least, $most] = [min(0, ...$values), max(0, ...$values)];
            match (true) {
                $least === 0 => $fixed[$term] = 1,
                $most === 0 => $fixed[$term] = -1,
                default => $free[$term] = $most - $least,
            };
        }
        arsort($free);
        $patterns = [$fixed];
        foreach (array_slice(array_keys($free), 0, 3) as $term) {
            $next = $patterns;
            foreach ($patterns as $pattern) {
                foreach ([1, -1] as $sign) {
                    $next[] = $pattern + [$term => $sign];
                }
            }
            $patterns = $next;
        }

        return $this->patterns = $patterns;
    }

    private function isSpent(): bool
    {
        return $this->looks >= self::MOST_LOOKS;
    }

    /** @return list<int> candidates, the nearest by themselves first: they set a low bound early */
    private function byOwnCost(): array
    {
        $order = array_keys($this->forms);
        $own = array_map(static fn (array $forms): int => array_sum(array_map(abs(...), $forms)), $this->forms);
        usort($order, static fn (int $a, int $b): int => [$own[$a], $a] <=> [$own[$b], $b]);

        return $order;
    }

    /** @return ?array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>} null unless it beats the bound */
    private function pair(int $i, int $j, int $bound): ?array
    {
        [$amount, $cost] = $this->line($this->forms[$i], $this->forms[$j], $this->natural[$i], $this->natural[$j], array_fill(0, $this->terms, 0), 0, $this->steps, $this->most[$i], $this->most[$j]);

        return $amount === null || $cost >= $bound ? null : ['cost' => $cost, 'members' => [$i, $j], 'amounts' => [$amount, $this->steps - $amount]];
    }

    /** @return ?array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>} null unless it beats the bound */
    private function triple(int $i, int $j, int $k, int $bound): ?array
    {
        // One step moved from any other member to the first changes the cost by no more than this, so that after
        // a far-off value the next ones need not be looked at.
        $slope = 1;
        for ($term = 0; $term < $this->terms; $term++) {
            $slope += max(abs($this->forms[$i][$term] - $this->forms[$j][$term]), abs($this->forms[$i][$term] - $this->forms[$k][$term]));
        }
        $slope += self::PENALTY * max(abs($this->natural[$i] - $this->natural[$j]), abs($this->natural[$i] - $this->natural[$k]));
        $best = null;
        $end = min($this->most[$i], $this->steps - 2);
        for ($x = 1; $x <= $end && ! $this->isSpent();) {
            $base = array_map(static fn (int $form): int => $form * $x, $this->forms[$i]);
            [$y, $cost] = $this->line($this->forms[$j], $this->forms[$k], $this->natural[$j], $this->natural[$k], $base, $this->natural[$i] * $x, $this->steps - $x, $this->most[$j], $this->most[$k]);
            if ($y !== null && $cost < $bound) {
                $best = ['cost' => $cost, 'members' => [$i, $j, $k], 'amounts' => [$x, $y, $this->steps - $x - $y]];
                $bound = $cost;
            }
            // Where the stock leaves no room at this amount, nothing is known about the next: look there.
            $x += $y === null ? 1 : max(1, intdiv($cost - $bound, $slope));
        }

        return $best;
    }

    /**
     * The cheapest split of $steps between two shades on top of a base. The cost is convex along the split, and
     * bends only where a term changes sign: it is enough to look beside those places and at the ends.
     *
     * @param  list<int>  $one
     * @param  list<int>  $two
     * @param  list<int>  $base
     * @return array{?int, int} steps of the first shade, and the cost; null where the stock leaves no split
     */
    private function line(array $one, array $two, int $naturalOne, int $naturalTwo, array $base, int $naturalBase, int $steps, int $mostOne, int $mostTwo): array
    {
        $this->looks++;
        $low = max(1, $steps - $mostTwo);
        $high = min($mostOne, $steps - 1);
        if ($low > $high) {
            return [null, PHP_INT_MAX];
        }
        $start = $slopes = [];
        foreach ($base as $term => $value) {
            $start[] = $value + $two[$term] * $steps;
            $slopes[] = $one[$term] - $two[$term];
        }
        $naturalStart = $naturalBase + $naturalTwo * $steps;
        $naturalSlope = $naturalOne - $naturalTwo;
        $looked = [$low => true, $high => true];
        foreach ($slopes as $term => $slope) {
            if ($slope !== 0) {
                $at = intdiv(-$start[$term], $slope);
                foreach ([$at - 1, $at, $at + 1] as $near) {
                    if ($near > $low && $near < $high) {
                        $looked[$near] = true;
                    }
                }
            }
        }
        if ($naturalSlope !== 0) {
            $at = intdiv(-$naturalStart, $naturalSlope);
            foreach ([$at - 1, $at, $at + 1] as $near) {
                if ($near > $low && $near < $high) {
                    $looked[$near] = true;
                }
            }
        }
        ksort($looked);
        $bestAt = null;
        $best = PHP_INT_MAX;
        foreach (array_keys($looked) as $at) {
            $cost = 0;
            foreach ($start as $term => $value) {
                $value += $slopes[$term] * $at;
                $cost += $value < 0 ? -$value : $value;
            }
            $short = -($naturalStart + $naturalSlope * $at);
            $cost += $short > 0 ? self::PENALTY * $short : 0;
            if ($cost < $best) {
                [$bestAt, $best] = [$at, $cost];
            }
        }

        return [$bestAt, $best];
    }

    /**
     * @param  list<int>  $members
     * @param  list<int>  $amounts
     */
    private function cost(array $members, array $amounts): int
    {
        $cost = $natural = 0;
        for ($term = 0; $term < $this->terms; $term++) {
            $sum = 0;
            foreach ($members as $at => $member) {
                $sum += $this->forms[$member][$term] * $amounts[$at];
            }
            $cost += abs($sum);
        }
        foreach ($members as $at => $member) {
            $natural += $this->natural[$member] * $amounts[$at];
        }

        return $cost + ($natural < 0 ? self::PENALTY * -$natural : 0);
    }

    private function prepare(Pigment $wanted, Fraction $level, Fraction $leastNatural, int $unit): void
    {
        $scale = Fraction::of($this->scale);
        $whole = static fn (Fraction $value): int => $value->times($scale)->numerator;
        $families = array_values(array_filter(ToneFamily::cases(), fn (ToneFamily $family): bool => ! $wanted->tone->share($family)->isZero() || array_filter($this->shelf, static fn (Candidate $each): bool => ! $each->pigment->tone->share($family)->isZero()) !== []));
        foreach ($this->shelf as $candidate) {
            $pigment = $candidate->pigment;
            $forms = [$pigment->level === null ? 0 : $whole($pigment->level->minus($level))];
            foreach ($families as $family) {
                $forms[] = $whole($pigment->tone->share($family)->times($pigment->intensity)->minus($wanted->tone->share($family)->times($wanted->intensity)));
            }
            $this->forms[] = $forms;
            $this->natural[] = $leastNatural->isZero() ? 0 : $whole($pigment->tone->share(ToneFamily::Natural)->minus($leastNatural));
            $this->most[] = $candidate->stock === null ? $this->steps : intdiv($candidate->stock->centigrams, $unit);
        }
        $this->terms = count($families) + 1;
    }

    /** @param  list<Candidate>  $shelf */
    private static function commonScale(Pigment $wanted, Fraction $level, Fraction $leastNatural, array $shelf): int
    {
        $scale = 1;
        $take = static function (Fraction $value) use (&$scale): void {
            $scale = Fraction::of($scale, $value->denominator)->numerator * $value->denominator;
        };
        $take($level);
        $take($leastNatural);
        foreach ([$wanted, ...array_map(static fn (Candidate $each): Pigment => $each->pigment, $shelf)] as $pigment) {
            $take($pigment->level ?? Fraction::zero());
            foreach ($pigment->tone->shares() as $share) {
                $take($share);
                $take($share->times($pigment->intensity));
            }
        }

        return $scale;
    }

    /** @param  array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>}  $best */
    private function blend(array $best, Pigment $wanted, int $unit, HouseRules $rules): Blend
    {
        $parts = [];
        foreach ($best['members'] as $at => $member) {
            $parts[] = ['candidate' => $this->shelf[$member], 'grams' => Grams::ofCentigrams($best['amounts'][$at] * $unit)];
        }
        usort($parts, static fn (array $a, array $b): int => [$b['grams']->centigrams, $a['candidate']->key] <=> [$a['grams']->centigrams, $b['candidate']->key]);
        $behaves = MixJudgement::of(array_map(static fn (array $part): Weighed => new Weighed($part['candidate']->label, $part['candidate']->pigment, $part['grams']->exactly()), $parts), $rules);
        $short = 0;
        $distance = 0;
        foreach ($best['members'] as $at => $member) {
            $short += $this->natural[$member] * $best['amounts'][$at];
        }
        $distance = $best['cost'] - ($short < 0 ? self::PENALTY * -$short : 0);

        return new Blend($parts, Fraction::of($distance, $this->scale * $this->steps), $behaves, $short >= 0, self::differs($wanted, $behaves, $short >= 0), ! $this->isSpent());
    }

    /** @return list<string> */
    private static function differs(Pigment $wanted, MixJudgement $behaves, bool $keepsGreyCover): array
    {
        $differs = [];
        $level = $behaves->level?->value()?->minus($wanted->level ?? Fraction::zero());
        if ($level !== null && ! $level->isZero()) {
            $differs[] = ($level->isNegative() ? $level->negated()->decimal(1).' level deeper' : $level->decimal(1).' level lighter');
        }
        foreach (ToneFamily::cases() as $family) {
            $gap = ($behaves->tone ?? ToneMix::none())->share($family)->minus($wanted->tone->share($family))->times(Fraction::of(100));
            if (! $gap->isZero()) {
                $differs[] = ($gap->isNegative() ? $gap->negated()->decimal(0).' % less ' : $gap->decimal(0).' % more ').$family->value;
            }
        }
        $strength = $behaves->pigmentShare->least->compare($wanted->intensity);
        if ($strength !== 0) {
            $differs[] = $strength < 0 ? 'less intense' : 'more intense';
        }
        if (! $keepsGreyCover) {
            $differs[] = 'covers grey less';
        }

        return $differs === [] ? ['nothing: level, tone and intensity are met'] : $differs;
    }
}
