<?php

declare(strict_types=1);

namespace Core\Timing;

/** Enough hands at every moment, and yet nobody is free for all of a bowl, because other bowls have their person. */
final readonly class AssignHands
{
    /**
     * @param  list<int>  $moments
     * @param  list<string>  $people  named, and further ones without a name
     */
    private function __construct(private TimeModel $model, private array $moments, private array $people)
    {
    }

    /**
     * @param  list<int>  $moments
     * @return list<TimedBowl> the fewest bowls that do not find their people; none where all do
     */
    public static function fails(TimeModel $model, array $moments): array
    {
        $bowls = array_values(array_filter(
            $model->visit->bowls,
            static fn (TimedBowl $bowl): bool => $model->applied($bowl) > 0,
        ));
        $people = array_values(array_unique(array_merge([], ...array_map(static fn (TimedBowl $bowl): array => $bowl->hands, $bowls))));
        if ($people === []) {
            return [];
        }
        for ($more = count($people); $more < $model->visit->people(); $more++) {
            $people[] = "#{$more}";
        }
        $assign = new self($model, $moments, $people);

        return $assign->works($bowls) ? [] : $assign->fewest($bowls);
    }

    /**
     * @param  list<TimedBowl>  $bowls  that do not find their people
     * @return list<TimedBowl>
     */
    private function fewest(array $bowls): array
    {
        foreach (array_keys($bowls) as $at) {
            $fewer = $bowls;
            unset($fewer[$at]);
            if (! $this->works(array_values($fewer))) {
                return $this->fewest(array_values($fewer));
            }
        }

        return $bowls;
    }

    /** @param  list<TimedBowl>  $bowls */
    private function works(array $bowls): bool
    {
        $busy = array_fill_keys($this->people, []);
        foreach ($bowls as $bowl) {
            foreach ($bowl->hands as $name) {
                $busy[$name][] = $bowl;
            }
        }

        return $this->give(array_values(array_filter($bowls, static fn (TimedBowl $bowl): bool => $bowl->hands === [])), $busy);
    }

    /**
     * @param  list<TimedBowl>  $open  that nobody has yet
     * @param  array<string, list<TimedBowl>>  $busy  by person
     */
    private function give(array $open, array $busy): bool
    {
        $bowl = array_shift($open);
        if ($bowl === null) {
            return true;
        }
        foreach ($busy as $person => $bowls) {
            $clash = array_filter($bowls, fn (TimedBowl $each): bool => $this->overlap($each, $bowl));
            if ($clash === [] && $this->give($open, [...$busy, $person => [...$bowls, $bowl]])) {
                return true;
            }
        }

        return false;
    }

    private function overlap(TimedBowl $one, TimedBowl $other): bool
    {
        return $this->begin($one) < $this->end($other) && $this->begin($other) < $this->end($one);
    }

    private function begin(TimedBowl $bowl): int
    {
        return $this->moments[$this->model->begins($bowl)];
    }

    private function end(TimedBowl $bowl): int
    {
        return $this->begin($bowl) + $this->model->applied($bowl);
    }
}
