<?php

declare(strict_types=1);

namespace Core\Timing;

/**
 * What is still to be done in a visit, by when: the plan as it flows from now, and how late each thing is against it.
 */
final readonly class NextActs
{
    /** @param  array<string, string>  $until  what each bowl is looked at for, by letter */
    private function __construct(
        private TimedVisit $visit,
        private TimePlan $plan,
        private TimePlan $ideal,
        private int $now,
        private array $until,
    ) {
    }

    /**
     * @param  TimedVisit  $visit  as it stands now
     * @param  TimePlan  $plan  of it
     * @param  array<string, string>  $until
     * @return list<Act> by their moment
     */
    public static function of(TimedVisit $visit, TimePlan $plan, int $now, array $until = []): array
    {
        // Late is against what would have been, had nothing waited: of a visit that has not begun nothing is.
        $next = new self($visit, $plan, $visit->hasBegun() ? TimePlan::of($visit->at(null)) : $plan, $now, $until);
        $acts = [];
        foreach ($visit->bowls as $bowl) {
            if ($bowl->happened->rinsed === null && $plan->bowl($bowl->letter) !== null) {
                array_push($acts, ...$next->ofBowl($bowl, $plan->bowl($bowl->letter)));
            }
        }
        $acts = [...$acts, ...$next->rinses()];
        $order = array_flip(array_map(static fn (ActKind $kind): string => $kind->value, ActKind::cases()));
        usort(
            $acts,
            static fn (Act $one, Act $other): int => [$one->at, $order[$one->kind->value], $one->letters] <=> [
                $other->at,
                $order[$other->kind->value],
                $other->letters,
            ],
        );

        return $acts;
    }

    /** @return list<Act> */
    private function ofBowl(TimedBowl $bowl, BowlTimes $times): array
    {
        $happened = $bowl->happened;
        if ($happened->began === null) {
            return $this->waiting($bowl, $times);
        }
        $acts = [];
        if ($happened->completed === null) {
            $acts[] = $this->act(ActKind::Complete, $bowl, $times->complete);
            if ($times->again !== null && $times->again > $happened->began && $this->now < $times->complete) {
                $acts[] = $this->act(ActKind::Again, $bowl, $times->again);
            }
        }
        array_push($acts, ...$this->heat($bowl, $times));
        if ($times->looks !== []) {
            $acts[] = new Act(
                ActKind::Look,
                [$bowl->letter],
                $times->looks[0],
                $this->late($times->looks[0]),
                until: $this->until[$bowl->letter] ?? '',
            );
        }
        if ($times->through !== null && $happened->did(StampKind::Through) === []) {
            $acts[] = $this->act(ActKind::Through, $bowl, $times->through);
        }
        if ($times->emulsify !== null && $happened->did(StampKind::Emulsified) === []) {
            $acts[] = $this->act(ActKind::Emulsify, $bowl, $times->emulsify);
        }

        return $acts;
    }

    /** @return list<Act> */
    private function waiting(TimedBowl $bowl, BowlTimes $times): array
    {
        $ideal = $this->ideal->bowl($bowl->letter) ?? $times;
        $old = $bowl->happened->mixed === null || $bowl->fresh === null
            ? 0
            : intdiv($this->now - $bowl->happened->mixed, 60);
        $acts = [];
        if ($bowl->fresh !== null && $old > $bowl->fresh) {
            $acts[] = new Act(ActKind::Stale, [$bowl->letter], $this->now, minutes: $old);
        }
        if ($bowl->mixing !== null && $bowl->happened->mixed === null) {
            $at = max($this->now, $times->begin - $bowl->mixing * 60);
            $late = max(0, $this->now - ($ideal->begin - $bowl->mixing * 60));
            $acts[] = new Act(ActKind::Mix, [$bowl->letter], $at, $at <= $this->now ? intdiv($late, 60) : 0);
        }
        $acts[] = new Act(
            ActKind::Begin,
            [$bowl->letter],
            $times->begin,
            $times->begin <= $this->now ? intdiv(max(0, $this->now - $ideal->begin), 60) : 0,
        );

        return $acts;
    }

    /** @return list<Act> the next turn of the heat: off so many minutes after it really went on */
    private function heat(TimedBowl $bowl, BowlTimes $times): array
    {
        $on = $bowl->happened->did(StampKind::HeatOn);
        $off = count($bowl->happened->did(StampKind::HeatOff));
        $phases = array_values(array_filter($bowl->heat, static fn ($phase): bool => $phase->with));
        if (count($on) > $off) {
            $minutes = $phases[$off]->minutes ?? null;

            return $minutes === null ? [] : [$this->act(ActKind::HeatOff, $bowl, $on[$off] + $minutes * 60)];
        }
        $next = $times->heat[$off]['on'] ?? null;

        return $next === null ? [] : [$this->act(ActKind::HeatOn, $bowl, $next)];
    }

    /** @return list<Act> one a rinse, with everything that is on and comes off in it */
    private function rinses(): array
    {
        $groups = [];
        foreach ($this->plan->bowls as $times) {
            $bowl = $this->visit->bowl($times->letter);
            if (
                $bowl !== null
                && $bowl->happened->rinsed === null
                && ($bowl->window !== null || $bowl->happened->began !== null)
            ) {
                $groups[$times->group][] = $times;
            }
        }
        $acts = [];
        foreach ($groups as $group) {
            $on = array_values(
                array_filter(
                    $group,
                    fn (BowlTimes $times): bool => $this->visit->bowl($times->letter)?->happened->began !== null,
                ),
            );
            $over = array_filter(
                $on,
                fn (BowlTimes $times): bool => $times->counts
                    && $times->most !== null
                    && $this->visit->bowl($times->letter)?->stays() === false
                    && $this->now > $times->most,
            );
            $at = $group[0]->rinse;
            $ideal = $this->ideal->bowl($group[0]->letter)->rinse ?? $at;
            $acts[] = new Act(
                ActKind::Rinse,
                array_map(static fn (BowlTimes $times): string => $times->letter, $group),
                $at,
                $at <= $this->now ? intdiv(max(0, $this->now - $ideal), 60) : 0,
                $over !== [] && $at <= $this->now,
            );
        }

        return $acts;
    }

    private function act(ActKind $kind, TimedBowl $bowl, int $at): Act
    {
        return new Act($kind, [$bowl->letter], $at, $this->late($at));
    }

    private function late(int $at): int
    {
        return max(0, intdiv($this->now - $at, 60));
    }
}
