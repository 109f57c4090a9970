<?php

declare(strict_types=1);

namespace Core\Substitution;

/**
 * The best one, two and three shades of a shelf, exact under its forms.
 *
 * Whatever signs are given to the misses (each from −1 to 1), the cost of a blend is at least the mean of its members'
 * own signed sums, less any share of what it must have (natural for grey, enough pigment, a level near enough). So a
 * set of shades can only beat the bound when under every such pricing one of its members lies below it. Pricings are
 * found as they are needed: a set that none rules out is gone after with the signs its own amounts suggest, and what
 * rules it out then rules out others like it. The sets that are left are drawn member by member from those who lie
 * below under the pricing that the fewest do, and solved.
 */
final class BlendSearch
{
    /** Another shade must bring the blend nearer by a hundredth of a level: less no eye sees (our own model). */
    private const WORTH = 10_000;

    /** Pricings kept: words of 62 bits. */
    private const MOST_PRICINGS = 620;

    /** Splits looked at before the search stops and says so: some 5 to 15 microseconds each. */
    private const MOST_LOOKS = 40_000;

    private readonly BlendSplit $split;

    /** @var list<list<int>> by pricing: each shade's own sum */
    private array $values = [];

    /**
     * @var array<int, array<int, int>> by word: by shade, the bits of the pricings under which it lies below the bound
     */
    private array $masks = [];

    /** @var array<int, int> by word: the bits of all its pricings */
    private array $all = [];

    /** @var list<int> by pricing: how many lie below the bound */
    private array $below = [];

    private int $bound = PHP_INT_MAX;

    /** How many sets were worked without whole steps. */
    private int $corners = 0;

    /** @var array<int, true> shades whose sets were drawn already */
    private array $done = [];

    /** @var ?array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>} */
    private ?array $best = null;

    private function __construct(private readonly BlendForms $forms)
    {
        $this->split = new BlendSplit($forms);
    }

    /**
     * @return array{found: list<array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>}>,
     *     complete: bool, looks: int, corners: int} nearest first; how many splits were looked at for it, and how many
     *     sets were worked without whole steps
     */
    public static function of(BlendForms $forms): array
    {
        $search = new self($forms);
        $found = [];
        foreach ([1, 2, 3] as $size) {
            $search->best = null;
            $search->bound = $found === [] ? PHP_INT_MAX : $found[0]['cost'] - self::WORTH * $forms->steps;
            if ($search->bound > 0) {
                $size === 1 ? $search->ones() : $search->sets($size, count($found[0]['members'] ?? []) === 2 ? $found[0]['members'] : null);
            }
            if ($search->best !== null) {
                array_unshift($found, $search->best);
            }
        }

        return [
            'found' => $found,
            'complete' => ! $search->isSpent(),
            'looks' => $search->split->looks,
            'corners' => $search->corners,
        ];
    }

    private function isSpent(): bool
    {
        return $this->split->looks >= self::MOST_LOOKS;
    }

    private function ones(): void
    {
        foreach (array_keys($this->forms->off) as $shade) {
            if (
                $this->forms->most[$shade] >= $this->forms->steps
                && $this->forms->weight[$shade] > 0
                && $this->has($shade)
            ) {
                $this->take([
                    'cost' => $this->forms->cost([$shade], [$this->forms->steps]),
                    'members' => [$shade],
                    'amounts' => [$this->forms->steps],
                ]);
            }
        }
    }

    private function has(int $shade): bool
    {
        foreach ($this->forms->limits as $limit) {
            if ($limit[$shade] < 0) {
                return false;
            }
        }

        return true;
    }

    /** @param  array{cost: int, members: non-empty-list<int>, amounts: non-empty-list<int>}  $found */
    private function take(array $found): void
    {
        if ($found['cost'] < $this->bound) {
            $this->best = $found;
            $this->bound = $found['cost'];
        }
    }

    /**
     * A near bound rules out more: what the best pair makes with each of the others.
     *
     * @param  list<int>  $pair
     */
    private function beside(array $pair): void
    {
        foreach (array_keys($this->forms->off) as $shade) {
            $set = [...$pair, $shade];
            if (! in_array($shade, $pair, true) && ! $this->isRuledOut($set)) {
                $this->solve($set);
            }
        }
    }

    /** @param  ?list<int>  $pair  the best one found before */
    private function sets(int $size, ?array $pair): void
    {
        if ($this->bound === PHP_INT_MAX) {
            // Nothing stands alone: any pair will do to begin with.
            $this->begin();
        }
        $this->remask();
        if ($size === 3 && $pair !== null) {
            $this->beside($pair);
        }
        $this->done = [];
        $this->draw($size, []);
    }

    /** A first bound, where no shade is enough by itself: the best of what the nearest make with anything. */
    private function begin(): void
    {
        $own = array_map(static fn (array $form): int => array_sum(array_map(abs(...), $form)), $this->forms->off);
        asort($own);
        foreach (array_slice(array_keys($own), 0, 8) as $i) {
            foreach (array_keys($own) as $j) {
                $split = $i === $j ? null : $this->split->pair($i, $j);
                if ($split !== null) {
                    $this->take([
                        'cost' => $split[1],
                        'members' => [$i, $j],
                        'amounts' => [$split[0], $this->forms->steps - $split[0]],
                    ]);
                }
            }
        }
    }

    /**
     * Goes through every set of so many shades that no pricing rules out.
     *
     * @param  list<int>  $members
     */
    private function draw(int $size, array $members): void
    {
        $here = [];
        foreach ($this->candidates($members) as $shade) {
            if (isset($this->done[$shade]) || in_array($shade, $members, true) || $this->isSpent()) {
                continue;
            }
            $set = [...$members, $shade];
            if (count($set) < $size) {
                $this->draw($size, $set);
            } elseif (! $this->isRuledOut($set)) {
                $this->solve($set);
            }
            // Sets with this shade are all seen now.
            $this->done[$shade] = true;
            $here[] = $shade;
        }
        foreach ($here as $shade) {
            unset($this->done[$shade]);
        }
    }

    /**
     * Who may come next: those below under the pricing that rules the members out and that the fewest are below of.
     *
     * @param  list<int>  $members
     * @return list<int>
     */
    private function candidates(array $members): array
    {
        $pricing = $this->rarest($members);
        if ($pricing === null && $members !== []) {
            $this->suggested($members);
            $pricing = $this->rarest($members);
        }
        if ($pricing === null) {
            return array_keys($this->forms->off);
        }
        $found = [];
        $values = $this->values[$pricing];
        foreach ($values as $shade => $value) {
            if ($value * $this->forms->steps < $this->bound) {
                $found[] = $shade;
            }
        }

        return $found;
    }

    /** @param  list<int>  $members */
    private function isRuledOut(array $members): bool
    {
        foreach ($this->masks as $word => $masks) {
            $below = 0;
            foreach ($members as $member) {
                $below |= $masks[$member];
            }
            if ($below !== $this->all[$word]) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $members
     * @return ?int the pricing under which none of them is below the bound; of several, the one that the fewest are
     *     below of
     */
    private function rarest(array $members): ?int
    {
        $least = null;
        $places = self::places();
        foreach ($this->masks as $word => $masks) {
            $open = $this->all[$word];
            foreach ($members as $member) {
                $open &= ~$masks[$member];
            }
            while ($open !== 0) {
                $bit = $open & -$open;
                $open ^= $bit;
                $pricing = 62 * $word + $places[$bit];
                if ($least === null || $this->below[$pricing] < $this->below[$least]) {
                    $least = $pricing;
                }
            }
        }

        return $least;
    }

    /** @return array<int, int> where each power of two has its bit */
    private static function places(): array
    {
        /** @var array<int, int> $places */
        static $places = [];
        for ($at = count($places); $at < 62; $at++) {
            $places[1 << $at] = $at;
        }

        return $places;
    }

    /** @param  list<int>  $members */
    private function solve(array $members): void
    {
        $amounts = $this->suggested($members);
        if ($amounts === null) {
            return;
        }
        $before = $this->bound;
        if (count($members) === 2) {
            $split = $this->split->pair($members[0], $members[1]);
            if ($split !== null) {
                $this->take([
                    'cost' => $split[1],
                    'members' => [$members[0], $members[1]],
                    'amounts' => [$split[0], $this->forms->steps - $split[0]],
                ]);
            }
        } else {
            $found = $this->split->triple($members[0], $members[1], $members[2], $this->bound, $amounts);
            if ($found !== null) {
                $this->take($found);
            }
        }
        if ($this->bound < $before) {
            $this->remask();
        }
    }

    /**
     * What the set could come to if amounts were not whole steps; the pricing that proves it is kept where it rules the
     * set out.
     *
     * @param  list<int>  $members
     * @return ?int steps of the first to begin from; null where the set cannot beat the bound
     */
    private function suggested(array $members): ?int
    {
        $reach = $this->bound > intdiv(PHP_INT_MAX, 4) ? null : intdiv($this->bound, $this->forms->steps);
        if (count($members) === 1) {
            $this->alone($members[0], $reach);

            return null;
        }
        $corner = $this->corner($members, $reach, $this->forms->heaviest);
        if ($corner === null) {
            $this->lacking($members, $reach);

            return null;
        }
        if ($corner->cost * $this->forms->steps >= $this->bound) {
            $this->keep($corner->signs, $reach);

            return null;
        }
        // Under the school of dye the level is a quotient; by the set's own heaviest shade more can be said of it.
        $heaviest = max(1, ...array_map(fn (int $member): int => $this->forms->weight[$member], $members));
        $own = $heaviest === $this->forms->heaviest ? $corner : $this->corner($members, $reach, $heaviest);

        return $own === null || $own->cost * $this->forms->steps >= $this->bound ? null : intdiv(
            $own->shares[0] * $this->forms->steps,
            1_000_000,
        );
    }

    /**
     * A set that cannot have what it must have is ruled out by what its members lack: one limit that each of them
     * misses, or two that they miss between them.
     *
     * @param  list<int>  $members
     */
    private function lacking(array $members, ?int $reach): void
    {
        $price = static fn (int $lack): int => $lack >= 0 ? 0 : min(
            1_000_000_000,
            intdiv(1000 * ($reach ?? 12_000_000), -$lack) + 1000,
        );
        $last = count($this->forms->limits) + 1;
        $best = [0, []];
        for ($one = 0; $one <= $last; $one++) {
            for ($two = $one; $two <= $last; $two++) {
                foreach ($one === $two ? [[1, 0]] : [[1, 1], [1, 3], [3, 1], [1, 8], [8, 1]] as [$p, $q]) {
                    $most = max(
                        PHP_INT_MIN,
                        ...array_map(
                            fn (int $member): int => $p * $this->limit(
                                $one,
                                $member,
                                $reach,
                            ) + $q * $this->limit($two, $member, $reach),
                            $members,
                        ),
                    );
                    $best = $most < $best[0] ? [$most, [$one => $p, $two => $one === $two ? $p : $q]] : $best;
                }
            }
        }
        if ($best[0] < 0) {
            $signs = array_fill(0, $this->forms->terms + $last + 1, 0);
            foreach ($best[1] as $limit => $times) {
                $signs[$this->forms->terms + $limit] = $times * $price($best[0]);
            }
            $this->keep($signs, $reach);
        }
    }

    /** @param  list<int>  $members  two or three */
    private function corner(array $members, ?int $reach, int $heaviest): ?BlendCorner
    {
        $this->corners++;
        $off = $limits = [];
        foreach ($members as $member) {
            $own = $this->forms->off[$member];
            $own[0] = intdiv($own[0], $heaviest);
            $off[] = $own;
        }
        foreach (range(0, count($this->forms->limits) + 1) as $limit) {
            $limits[] = array_map(fn (int $member): int => $this->limit($limit, $member, $reach), $members);
        }

        return BlendCorner::of($off, $limits);
    }

    /** A shade by itself is ruled out by the signs of its own misses, and by what it has not. */
    private function alone(int $shade, ?int $reach): void
    {
        $signs = array_map(static fn (int $value): int => 1000 * ($value <=> 0), $this->forms->off[$shade]);
        foreach (range(0, count($this->forms->limits) + 1) as $limit) {
            $signs[] = $this->limit($limit, $shade, $reach) < 0 ? 4000 : 0;
        }
        $this->keep($signs, $reach);
    }

    /**
     * What a blend must have: a level that is not further off than the bound allows, on either side, and its limits.
     *
     * @param  ?int  $reach  millionths of a level; null where there is no bound yet
     */
    private function limit(int $limit, int $shade, ?int $reach): int
    {
        return match (true) {
            $limit > 1 => $this->forms->limits[$limit - 2][$shade],
            $reach === null => 0,
            $limit === 0 => intdiv(
                $this->forms->weight[$shade] * $reach - $this->forms->off[$shade][0],
                $this->forms->heaviest,
            ),
            default => intdiv(
                $this->forms->weight[$shade] * $reach + $this->forms->off[$shade][0],
                $this->forms->heaviest,
            ),
        };
    }

    /** @param  array<int, int>  $signs  by term and limit, in thousandths */
    private function keep(array $signs, ?int $reach): void
    {
        $pricing = count($this->values);
        if ($pricing >= self::MOST_PRICINGS) {
            return;
        }
        $values = [];
        $forms = $this->forms;
        $below = 0;
        $word = intdiv($pricing, 62);
        $this->masks[$word] ??= array_fill(0, count($forms->off), 0);
        $this->all[$word] = ($this->all[$word] ?? 0) | 1 << $pricing % 62;
        $terms = $limits = [];
        foreach (array_filter($signs) as $term => $sign) {
            if ($term >= $forms->terms) {
                $limits[$term - $forms->terms] = $sign;
            } elseif ($term > 0) {
                $terms[$term] = $sign;
            }
        }
        foreach ($forms->off as $shade => $off) {
            $sum = ($signs[0] ?? 0) * intdiv($off[0], $forms->heaviest);
            foreach ($terms as $term => $sign) {
                $sum += $sign * $off[$term];
            }
            foreach ($limits as $limit => $sign) {
                $sum -= $sign * $this->limit($limit, $shade, $reach);
            }
            // Down, never up: a pricing may rule out too little, never too much.
            $values[] = $value = intdiv($sum, 1000) - 1;
            if ($value * $forms->steps < $this->bound) {
                $this->masks[$word][$shade] |= 1 << $pricing % 62;
                $below++;
            }
        }
        $this->values[] = $values;
        $this->below[] = $below;
    }

    private function remask(): void
    {
        $this->masks = $this->below = $this->all = [];
        foreach ($this->values as $pricing => $values) {
            $word = intdiv($pricing, 62);
            $this->masks[$word] ??= array_fill(0, count($this->forms->off), 0);
            $bit = 1 << $pricing % 62;
            $this->all[$word] = ($this->all[$word] ?? 0) | $bit;
            $below = 0;
            foreach ($values as $shade => $value) {
                if ($value * $this->forms->steps < $this->bound) {
                    $this->masks[$word][$shade] |= $bit;
                    $below++;
                }
            }
            $this->below[] = $below;
        }
    }
}
