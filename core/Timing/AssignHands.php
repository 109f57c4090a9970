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
        $people = array_values(
            array_unique(array_merge([], ...array_map(static fn (TimedBowl $bowl): array => $bowl->hands, $bowls))),
        );
        if ($people === []) {
            return [];
        }
        $assign = new self($model, $moments, self::people($model, $people));

        return $assign->works($bowls) ? [] : $assign->fewest($bowls);
    }

    /**
     * Who has which bowl in hand: as it was said, else whoever is free, the same hands as long as they are.
     *
     * @param  list<int>  $moments
     * @return array<string, list<string>> by letter: names, or #2 for the second pair of hands that nobody named; none
     *     where one person does everything, or nobody is free for all of it
     */
    public static function given(TimeModel $model, array $moments): array
    {
        if ($model->visit->people() < 2) {
            return [];
        }
        $bowls = array_values(
            array_filter($model->visit->bowls, static fn (TimedBowl $bowl): bool => $model->applied($bowl) > 0),
        );
        usort(
            $bowls,
            static fn (TimedBowl $one, TimedBowl $other): int => [$moments[$model->begins($one)], $one->letter] <=> [
                $moments[$model->begins($other)],
                $other->letter,
            ],
        );
        $named = array_values(
            array_unique(array_merge([], ...array_map(static fn (TimedBowl $bowl): array => $bowl->hands, $bowls))),
        );
        $assign = new self($model, $moments, self::people($model, $named));
        $given = $assign->give(
            array_values(array_filter($bowls, static fn (TimedBowl $bowl): bool => $bowl->hands === [])),
            $assign->busy($bowls),
        );
        $by = [];
        foreach ($given ?? [] as $person => $theirs) {
            foreach ($theirs as $bowl) {
                $by[$bowl->letter][] = (string) $person;
            }
        }

        return $by;
    }

    /**
     * @param  list<string>  $named
     * @return list<string> and those without a name, as many as there are people
     */
    private static function people(TimeModel $model, array $named): array
    {
        for ($more = count($named) + 1; $more <= $model->visit->people(); $more++) {
            $named[] = "#{$more}";
        }

        return $named;
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
        return $this->give(
            array_values(array_filter($bowls, static fn (TimedBowl $bowl): bool => $bowl->hands === [])),
            $this->busy($bowls),
        ) !== null;
    }

    /**
     * @param  list<TimedBowl>  $bowls
     * @return array<string, list<TimedBowl>> what is somebody's by name, by person
     */
    private function busy(array $bowls): array
    {
        $busy = array_fill_keys($this->people, []);
        foreach ($bowls as $bowl) {
            foreach ($bowl->hands as $name) {
                $busy[$name][] = $bowl;
            }
        }

        return $busy;
    }

    /**
     * @param  list<TimedBowl>  $open  that nobody has yet
     * @param  array<string, list<TimedBowl>>  $busy  by person
     * @return ?array<string, list<TimedBowl>> by person; null where it cannot be
     */
    private function give(array $open, array $busy): ?array
    {
        $bowl = array_shift($open);
        if ($bowl === null) {
            return $busy;
        }
        foreach ($busy as $person => $bowls) {
            $clash = array_filter($bowls, fn (TimedBowl $each): bool => $this->overlap($each, $bowl));
            $given = $clash === [] ? $this->give($open, [...$busy, $person => [...$bowls, $bowl]]) : null;
            if ($given !== null) {
                return $given;
            }
        }

        return null;
    }

    private function overlap(TimedBowl $one, TimedBowl $other): bool
    {
        return ! $one->isOneWith($other)
            && $this->begin($one) < $this->end($other)
            && $this->begin($other) < $this->end($one);
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
