<?php

declare(strict_types=1);

namespace Core\Timing;

/**
 * Gives each application its hands. The best plan without hands is looked at; where more bowls are being applied at
 * once than there are people, or one person applies two, one of them must be complete before the other begins: each
 * way is tried, the costs known so far rule out what cannot be better (branch and bound). A total order of the ways
 * makes the answer the same for every order of the input.
 */
final class HandsSearch
{
    /** So many plans are looked at; then the best one found is the answer, and says that it is not proven. */
    public const BUDGET = 1200;

    /** @var ?array{costs: list<int>, moments: list<int>} */
    private ?array $best = null;

    private int $looked = 0;

    private function __construct(private readonly TimeModel $model, private readonly int $budget)
    {
    }

    /**
     * @return ?array{costs: list<int>, moments: list<int>, proven: bool, looked: int} null where the bounds contradict
     *     each other
     */
    public static function best(TimeModel $model, int $budget = self::BUDGET): ?array
    {
        // One look at many bowls takes longer than one at few.
        $bowls = max(8, count($model->visit->bowls));
        $budget = max(20, intdiv($budget * 8 ** 3, $bowls ** 3));
        $search = new self($model, $budget);
        $search->look([]);

        return $search->best === null
            ? null
            : [...$search->best, 'proven' => $search->looked <= $budget, 'looked' => $search->looked];
    }

    /** @param  list<array{int, int, int}>  $turns  bounds that are tried */
    private function look(array $turns): void
    {
        if (++$this->looked > $this->budget && $this->best !== null) {
            return;
        }
        $found = $this->model->network->cheapest($turns, $this->best['costs'] ?? null);
        if ($found === null) {
            return;
        }
        $clash = $this->clash($found['moments']);
        if ($clash === []) {
            $this->best = $found;

            return;
        }
        // What would go on first by the plan without hands is tried first: it is nearest to the best.
        usort(
            $clash,
            fn (TimedBowl $one, TimedBowl $other): int => [$this->end($one, $found['moments']), $one->letter] <=> [
                $this->end($other, $found['moments']),
                $other->letter,
            ],
        );
        foreach ($clash as $first) {
            foreach ($clash as $second) {
                if (
                    $first !== $second
                    && ! $first->isOneWith($second)
                    && $second->happened->began === null
                    && $this->overlap($first, $second, $found['moments'])
                ) {
                    [$one, $other, $applied] = [
                        $this->model->begins($first),
                        $this->model->begins($second),
                        $this->model->applied($first),
                    ];
                    $this->look([...$turns, [$other, $one, -$applied]]);
                    // What was tried is out: no plan is looked at twice.
                    $turns[] = [$one, $other, $applied - 1];
                }
            }
        }
    }

    /**
     * @param  list<int>  $moments
     * @return list<TimedBowl> that cannot all be applied at once; none where there are hands for everything
     */
    private function clash(array $moments): array
    {
        $people = $this->model->visit->people();
        // The first clash of all: what is settled early settles most.
        $inTurn = $this->model->visit->bowls;
        usort(
            $inTurn,
            fn (TimedBowl $one, TimedBowl $other): int => $moments[$this->model->begins($one)] <=> $moments[
                $this->model->begins($other)
            ],
        );
        foreach ($inTurn as $bowl) {
            $at = $moments[$this->model->begins($bowl)];
            $together = array_values(array_filter(
                $this->model->visit->bowls,
                fn (TimedBowl $each): bool => $this->model->applied($each) > 0
                    && $moments[$this->model->begins($each)] <= $at
                    && $at < $this->end($each, $moments),
            ));
            foreach ($together as $one) {
                foreach ($together as $other) {
                    $twice = $one->letter < $other->letter
                        && ! $one->isOneWith($other)
                        && array_intersect($one->hands, $other->hands) !== [];
                    if ($twice && ($one->happened->began === null || $other->happened->began === null)) {
                        return [$one, $other];
                    }
                }
            }
            if ($this->needs($together) > $people && $this->isOpen($together)) {
                return $this->fewest($together, $people);
            }
        }

        $apart = AssignHands::fails($this->model, $moments);

        return $this->isOpen($apart) ? $apart : [];
    }

    /** @param  list<int>  $moments */
    private function overlap(TimedBowl $one, TimedBowl $other, array $moments): bool
    {
        return $moments[$this->model->begins($one)] < $this->end($other, $moments) && $moments[
            $this->model->begins($other)
        ] < $this->end($one, $moments);
    }

    /**
     * The fewest of them that already are too many.
     *
     * @param  list<TimedBowl>  $together
     * @return list<TimedBowl>
     */
    private function fewest(array $together, int $people): array
    {
        foreach ($together as $at => $_) {
            $fewer = $together;
            unset($fewer[$at]);
            $fewer = array_values($fewer);
            if ($this->needs($fewer) > $people && $this->isOpen($fewer)) {
                return $this->fewest($fewer, $people);
            }
        }

        return $together;
    }

    /** @param  list<TimedBowl>  $bowls */
    private function needs(array $bowls): int
    {
        $needs = 0;
        foreach ($bowls as $at => $bowl) {
            // What is laid in turn with another is in the same hands.
            $counted = array_filter(
                array_slice($bowls, 0, $at),
                static fn (TimedBowl $other): bool => $bowl->isOneWith($other),
            );
            $needs += $counted === [] ? max(1, count($bowl->hands)) : 0;
        }

        return $needs;
    }

    /**
     * Whether anything of it can still wait.
     *
     * @param  list<TimedBowl>  $bowls
     */
    private function isOpen(array $bowls): bool
    {
        return count($bowls) > 1 && array_filter(
            $bowls,
            static fn (TimedBowl $bowl): bool => $bowl->happened->began === null,
        ) !== [];
    }

    /** @param  list<int>  $moments */
    private function end(TimedBowl $bowl, array $moments): int
    {
        return $moments[$this->model->begins($bowl)] + $this->model->applied($bowl);
    }
}
