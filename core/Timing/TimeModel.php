<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Formula\FollowFrom;

/**
 * A visit as moments and bounds: the first touch of each bowl, each rinse. What is missed costs, in this order: a
 * window, or a start that was said, that does not hold; minutes short of what is meant; a later end, and later rinses;
 * minutes beyond what is meant. So nothing is rinsed short of its time only to be off earlier.
 */
final class TimeModel
{
    private const BREAKS = 0;

    private const SHORT = 1;

    private const END = 2;

    private const RINSE = 3;

    private const BEYOND = 4;

    private const LONGEST_MIXING = 3600;

    public readonly TimeNetwork $network;

    public readonly RinseGroups $rinses;

    /** @var array<string, int> moment of the first touch, by letter */
    private array $begins = [];

    /** @var array<string, int> moment of each rinse, by its name */
    private array $off = [];

    /** @var array<int, array<int, int>> the rinses a round waits for, and how long after each, by round */
    private array $before = [];

    /** @var array<int, true> rounds whose beginning is known */
    private array $settled = [];

    /** @var array<int, int> moment a round begins, by round */
    private array $rounds = [];

    public function __construct(public readonly TimedVisit $visit)
    {
        $this->rinses = new RinseGroups($visit);
        $moments = 1;
        foreach ($visit->bowls as $bowl) {
            $this->begins[$bowl->letter] = $moments++;
            $this->rounds[$bowl->round] ??= $moments++;
            $this->off[$this->rinses->of($bowl)] ??= $moments++;
        }
        $end = $moments++;
        $this->network = new TimeNetwork($moments);
        $this->network->costsBeyond(self::END, 0, $end, 0);
        array_map($this->roundBegins(...), array_keys($this->rounds));
        foreach ($visit->bowls as $bowl) {
            $this->facts($bowl);
            $this->window($bowl);
            $this->follow($bowl);
            foreach ($visit->bowls as $earlier) {
                $this->inTurn($earlier, $bowl);
            }
        }
        array_map($this->afterRinses(...), array_keys($this->before));
        foreach ($this->off as $rinse) {
            $this->network->atLeast($rinse, $end, 0);
            $this->network->costsBeyond(self::RINSE, 0, $rinse, 0);
        }
    }

    public function begins(TimedBowl $bowl): int
    {
        return $this->begins[$bowl->letter];
    }

    public function off(TimedBowl $bowl): int
    {
        return $this->off[$this->rinses->of($bowl)];
    }

    /** The moment a round can begin: what is said to start so many minutes into it counts from there. */
    public function roundFrom(TimedBowl $bowl): int
    {
        return $this->rounds[$bowl->round];
    }

    /** Seconds from first touch to last; where the last touch is late, as long as it has taken. */
    public function applied(TimedBowl $bowl): int
    {
        $began = $bowl->happened->began;

        return $began === null || $bowl->happened->completed !== null || $this->visit->now === null
            ? $bowl->applied()
            : max($bowl->applied(), $this->visit->now - $began);
    }

    public function clockAfter(TimedBowl $bowl): int
    {
        return $bowl->fromFirstTouch ? 0 : $this->applied($bowl);
    }

    /** Whether its minutes count: not where it only stays under what is timed. */
    public function counts(TimedBowl $bowl): bool
    {
        return $bowl->window !== null && (! $bowl->stays() || $this->visit->coatCounts);
    }

    /**
     * It began with the first bowl of it that did; else, of the first round, as soon as something of it can be mixed.
     */
    private function roundBegins(int $round): void
    {
        $bowls = array_values(
            array_filter($this->visit->bowls, static fn (TimedBowl $bowl): bool => $bowl->round === $round),
        );
        $began = array_filter(
            array_map(static fn (TimedBowl $bowl): ?int => $bowl->happened->began, $bowls),
            is_int(...),
        );
        if ($began !== []) {
            $this->network->exactly(0, $this->rounds[$round], max(0, min($began)));
            $this->settled[$round] = true;
        } elseif ($round === array_key_first($this->rounds)) {
            $mixing = array_map(
                static fn (TimedBowl $bowl): int => $bowl->happened->mixed === null ? ($bowl->mixing ?? 0) * 60 : 0,
                $bowls,
            );
            $now = $this->visit->now;
            $this->network->exactly(
                0,
                $this->rounds[$round],
                $now === null ? 0 : max(0, $now + min(self::LONGEST_MIXING, ...$mixing)),
            );
            $this->settled[$round] = true;
        }
    }

    /** A later round begins when what it waits for is off. */
    private function afterRinses(int $round): void
    {
        if (isset($this->settled[$round])) {
            return;
        }
        foreach ($this->before[$round] as $rinse => $between) {
            count($this->before[$round]) === 1
                ? $this->network->exactly($rinse, $this->rounds[$round], $between)
                : $this->network->atLeast($rinse, $this->rounds[$round], $between);
        }
    }

    private function facts(TimedBowl $bowl): void
    {
        [$begins, $off, $happened] = [$this->begins($bowl), $this->off($bowl), $bowl->happened];
        $now = $this->visit->now;
        if ($happened->began !== null) {
            $this->network->exactly(0, $begins, $happened->began);
        } elseif ($now !== null) {
            // What is not mixed yet is mixed first.
            $this->network->atLeast(0, $begins, $now + ($happened->mixed === null ? ($bowl->mixing ?? 0) * 60 : 0));
        }
        if ($happened->rinsed !== null) {
            $this->network->exactly(0, $off, $happened->rinsed);

            return;
        }
        $this->network->atLeast($begins, $off, $this->applied($bowl));
        if ($now !== null) {
            $this->network->atLeast(0, $off, $now);
        }
        if ($bowl->starts !== null && $happened->began === null) {
            $this->network->costsBelow(self::BREAKS, $this->rounds[$bowl->round], $begins, $bowl->starts * 60);
            $this->network->costsBeyond(self::BREAKS, $this->rounds[$bowl->round], $begins, $bowl->starts * 60);
        }
        if ($happened->mixed !== null && $happened->began === null && $bowl->fresh !== null) {
            $this->network->costsBeyond(self::BREAKS, 0, $begins, max(0, $happened->mixed + $bowl->fresh * 60));
        }
    }

    private function window(TimedBowl $bowl): void
    {
        $window = $bowl->worked();
        if ($window === null || ! $this->counts($bowl) || $bowl->happened->rinsed !== null) {
            return;
        }
        [$begins, $off, $clock] = [$this->begins($bowl), $this->off($bowl), $this->clockAfter($bowl)];
        $this->network->costsBelow(self::BREAKS, $begins, $off, $clock + $window->least * 60);
        $this->network->costsBelow(self::SHORT, $begins, $off, $clock + $window->target * 60);
        if (! $bowl->stays()) {
            $from = $bowl->firstStrandCounts ? 0 : $clock;
            $this->network->costsBeyond(self::BREAKS, $begins, $off, $from + $window->most * 60);
            $this->network->costsBeyond(self::BEYOND, $begins, $off, $clock + $window->target * 60);
        }
    }

    private function follow(TimedBowl $bowl): void
    {
        $follows = $bowl->follows;
        $other = $follows === null ? null : $this->visit->bowl($follows->bowl);
        if ($follows === null || $other === null || $other === $bowl || $bowl->happened->began !== null) {
            return;
        }
        $begins = $this->begins($bowl);
        if ($follows->from === FollowFrom::End) {
            $this->startsWithin(
                $this->off($other),
                $begins,
                -$this->clockAfter($bowl),
                -($follows->most ?? $follows->least ?? 0),
                -($follows->least ?? 0),
            );

            return;
        }
        $from = $follows->from === FollowFrom::Rinsed ? $this->off($other) : $this->begins($other);
        $after = match ($follows->from) {
            FollowFrom::Clock => $this->clockAfter($other),
            FollowFrom::LastTouch => $this->applied($other),
            default => 0,
        };
        if ($follows->least === null) {
            $this->network->atLeast(
                $from,
                $begins,
                $follows->from === FollowFrom::Clock ? $this->applied($other) : $after,
            );
        } else {
            $this->network->atLeast($from, $begins, 0);
            $this->startsWithin($from, $begins, $after, $follows->least, $follows->most ?? $follows->least);
        }
    }

    /** Wished so many minutes from a moment; it costs where that cannot be. */
    private function startsWithin(int $from, int $begins, int $after, int $least, int $most): void
    {
        $this->network->costsBelow(self::BREAKS, $from, $begins, $after + $least * 60);
        $this->network->costsBeyond(self::BREAKS, $from, $begins, $after + $most * 60);
    }

    /** What holds between two bowls because of their rounds and the order of work. */
    private function inTurn(TimedBowl $earlier, TimedBowl $bowl): void
    {
        if ($bowl === $earlier || $bowl->happened->began !== null || $earlier->follows?->bowl === $bowl->letter) {
            return;
        }
        if ($earlier->isOneWith($bowl)) {
            if ($earlier->happened->began === null) {
                $this->network->exactly($this->begins($earlier), $this->begins($bowl), 0);
            }
        } elseif ($earlier->round < $bowl->round) {
            if ($this->off($earlier) === $this->off($bowl) || $this->rinses->lastRound($earlier) >= $bowl->round) {
                // Still under it: laid first, or, where it says when it goes on after the other, by that.
                if ($bowl->follows?->bowl !== $earlier->letter) {
                    $this->network->atLeast($this->begins($earlier), $this->begins($bowl), $this->applied($earlier));
                }
            } elseif (
                $bowl->follows?->bowl !== $earlier->letter
                || in_array($bowl->follows->from, [FollowFrom::Rinsed, FollowFrom::LastTouch], true)
            ) {
                $between = $this->visit->between[$bowl->round - 1] ?? 0;
                $this->network->atLeast($this->off($earlier), $this->begins($bowl), $between * 60);
                $this->before[$bowl->round][$this->off($earlier)] = $between * 60;
            }
        } elseif (
            $earlier->round === $bowl->round && $earlier->order !== null && $bowl->order !== null
            && $earlier->order < $bowl->order && $bowl->follows?->bowl !== $earlier->letter
        ) {
            $this->network->atLeast($this->begins($earlier), $this->begins($bowl), 0);
        }
    }
}
