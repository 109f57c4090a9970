<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Formula\FollowFrom;

/** Tries what could mend a plan that does not hold, cheapest first; what is answered has been planned and holds. */
final class FindMends
{
    /** Plans looked at for each try. */
    private const BUDGET = 150;

    /** And for all tries together. */
    private const WHOLE = 900;

    /** Bowls up to which everything is tried; with more only what is cheapest. */
    private const FEW = 10;

    private const MOST = 4;

    private int $looked = 0;

    private function __construct(private readonly TimedVisit $visit, private readonly TimePlan $plan)
    {
    }

    /** @return list<TimeMend> none where everything holds, or no single change would do */
    public static function of(TimedVisit $visit, TimePlan $plan): array
    {
        if ($plan->holds()) {
            return [];
        }
        $find = new self($visit, $plan);
        $mends = [];
        foreach ($find->tries() as $mend) {
            $mends[] = $mend;
            if (count($mends) === self::MOST) {
                break;
            }
        }

        return $mends !== [] || count($visit->bowls) > self::FEW ? $mends : $find->pairs();
    }

    /** @return list<TimeMend> two changes that do it together, where none does alone: the first that are found */
    private function pairs(): array
    {
        // Half as many tries again.
        $this->looked = intdiv(self::WHOLE * 8 ** 3, 2 * max(8, count($this->visit->bowls)) ** 3);
        $mends = [];
        foreach ($this->halves() as [$half, $visit]) {
            $find = new self($visit, TimePlan::of($visit, self::BUDGET));
            $find->looked = $this->looked;
            foreach ($find->tries() as $mend) {
                $mends[] = $half->and($mend);
                if (count($mends) === self::MOST) {
                    return $mends;
                }
                break;
            }
            $this->looked = $find->looked;
        }

        return $mends;
    }

    /** @return iterable<array{TimeMend, TimedVisit}> changes that do not do it alone */
    private function halves(): iterable
    {
        yield [new TimeMend(MendKind::Hands, ''), $this->visit->withHands($this->visit->people() + 1)];
        foreach ($this->visit->bowls as $bowl) {
            if ($bowl->happened->rinsed === null && $bowl->rinse !== 'own' && $this->shares($bowl)) {
                yield [
                    new TimeMend(MendKind::Rinse, $bowl->letter, change: ['rinse' => 'own']),
                    $this->visit->withBowl($bowl->letter, ['rinse' => 'own']),
                ];
            }
        }
    }

    /** @return iterable<TimeMend> */
    private function tries(): iterable
    {
        $open = array_values(array_filter(
            $this->visit->bowls,
            static fn (TimedBowl $bowl): bool => $bowl->happened->rinsed === null,
        ));
        $waiting = array_values(
            array_filter($open, static fn (TimedBowl $bowl): bool => $bowl->happened->began === null),
        );
        foreach ($waiting as $bowl) {
            yield from $this->begin($bowl);
        }
        foreach ($waiting as $bowl) {
            if (
                $bowl->order !== null
                && $this->holds($this->visit->withBowl($bowl->letter, ['order' => null])) !== null
            ) {
                yield new TimeMend(MendKind::Order, $bowl->letter, change: ['order' => null]);
            }
        }
        foreach ($waiting as $bowl) {
            $again = ['happened' => $bowl->happened->unmixed()];
            if (
                $bowl->happened->mixed !== null
                && $this->holds($this->visit->withBowl($bowl->letter, $again)) !== null
            ) {
                yield new TimeMend(MendKind::Fresh, $bowl->letter, change: $again);
            }
        }
        if ($this->holds($this->visit->withHands($this->visit->people() + 1)) !== null) {
            yield new TimeMend(MendKind::Hands, '');
        }
        foreach ($open as $bowl) {
            if (
                $bowl->rinse !== 'own'
                && $this->shares($bowl)
                && $this->holds($this->visit->withBowl($bowl->letter, ['rinse' => 'own'])) !== null
            ) {
                yield new TimeMend(MendKind::Rinse, $bowl->letter, change: ['rinse' => 'own']);
            }
        }
        if (count($this->visit->bowls) > self::FEW) {
            return;
        }
        foreach ($waiting as $bowl) {
            yield from $this->smaller($bowl);
        }
        foreach ($waiting as $bowl) {
            if (
                $bowl->weaker !== null
                && $this->holds($this->visit->withBowl($bowl->letter, ['window' => $bowl->weaker])) !== null
            ) {
                yield new TimeMend(MendKind::Weaker, $bowl->letter, $bowl->weakerVolume);
            }
        }
        foreach ($waiting as $bowl) {
            yield from $this->split($bowl);
        }
    }

    /** @return iterable<TimeMend> said to go on at another minute: the one at which everything holds */
    private function begin(TimedBowl $bowl): iterable
    {
        if ($bowl->starts === null && $bowl->follows?->least === null) {
            return;
        }
        $follows = $bowl->follows === null ? null : new Follows($bowl->follows->bowl, FollowFrom::FirstTouch);
        $free = $this->visit->withBowl($bowl->letter, ['starts' => null, 'follows' => $follows]);
        $found = $this->holds($free)?->bowl($bowl->letter);
        $was = $this->plan->bowl($bowl->letter);
        [$from, $to] = $was === null ? [null, null] : FindBreaks::wished($bowl, $was, $this->plan->bowls);
        $moved = $found === null
            ? 0
            : max(0, $found->begin - ($to ?? $found->begin)) - max(0, ($from ?? $found->begin) - $found->begin);
        if ($moved !== 0) {
            $minutes = BowlTimes::minutes(abs($moved)) * ($moved < 0 ? -1 : 1);
            yield new TimeMend(MendKind::Begin, $bowl->letter, $minutes, ['starts' => null, 'follows' => $follows]);
        }
    }

    /** @return iterable<TimeMend> the longest time that applying it may take */
    private function smaller(TimedBowl $bowl): iterable
    {
        [$does, $not] = [0, $bowl->applying];
        // What is laid in turn with others is smaller with all of them; said once.
        $whole = array_values(
            array_filter(
                $this->visit->bowls,
                static fn (TimedBowl $other): bool => $other === $bowl || $other->isOneWith($bowl),
            ),
        );
        $within = fn (int $minutes): ?TimePlan => $this->holds(array_reduce(
            $whole,
            static fn (TimedVisit $visit, TimedBowl $each): TimedVisit => $visit->withBowl(
                $each->letter,
                ['applying' => $minutes],
            ),
            $this->visit,
        ));
        if ($bowl->applying < 2 || $whole[0] !== $bowl || $within(1) === null) {
            return;
        }
        for ($does = 1; $not - $does > 1;) {
            $half = intdiv($does + $not, 2);
            $within($half) !== null ? $does = $half : $not = $half;
        }
        yield new TimeMend(
            MendKind::Smaller,
            implode(', ', array_map(static fn (TimedBowl $each): string => $each->letter, $whole)),
            $does,
            ['applying' => $does],
        );
    }

    /** @return iterable<TimeMend> */
    private function split(TimedBowl $bowl): iterable
    {
        if (! $this->shares($bowl)) {
            return;
        }
        $bowls = array_map(
            static fn (TimedBowl $each): TimedBowl => $each->letter === $bowl->letter
                ? $each->with(
                    ['round' => $each->round * 2 + 1, 'follows' => null, 'starts' => null, 'rinse' => 'round'],
                )
                : $each->with(['round' => $each->round * 2]),
            $this->visit->bowls,
        );
        $between = [];
        foreach ($this->visit->between as $round => $minutes) {
            $between[$round * 2 + 1] = $minutes;
        }
        $split = new TimedVisit(
            bowls: $bowls,
            between: $between,
            hands: $this->visit->hands,
            coatCounts: $this->visit->coatCounts,
            now: $this->visit->now,
            after: $this->visit->after,
        );
        if ($this->holds($split) !== null) {
            yield new TimeMend(MendKind::Split, $bowl->letter);
        }
    }

    private function shares(TimedBowl $bowl): bool
    {
        $group = $this->plan->bowl($bowl->letter)?->group;

        return count(
            array_filter($this->plan->bowls, static fn (BowlTimes $each): bool => $each->group === $group),
        ) > 1;
    }

    private function holds(TimedVisit $visit): ?TimePlan
    {
        $bowls = max(8, count($visit->bowls));
        if ($this->looked * $bowls ** 3 > self::WHOLE * 8 ** 3) {
            return null;
        }
        $this->looked++;
        // What does not hold with hands for everything does not hold with few: one look says so.
        if (((new TimeModel($visit))->network->cheapest()['costs'][0] ?? 1) > 0) {
            return null;
        }
        $plan = TimePlan::of($visit, self::BUDGET);
        $this->looked += $plan->looked;

        return $plan->holds() ? $plan : null;
    }
}
