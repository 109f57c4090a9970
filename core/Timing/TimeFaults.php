<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Fact;

/** What is said of the times and cannot be meant so. Nothing is lost: the plan is made without it, and it is said. */
final class TimeFaults
{
    /** @return array{TimedVisit, list<Fact>} the visit without what cannot be, and each thing that was left out */
    public static function without(TimedVisit $visit): array
    {
        $facts = [];
        foreach ($visit->bowls as $bowl) {
            $change = [];
            $follows = $bowl->follows;
            if ($follows !== null && $visit->bowl($follows->bowl) === null) {
                $facts[] = Fact::of('times.follows-nothing', letter: $bowl->letter, other: $follows->bowl);
                $change['follows'] = null;
            } elseif ($follows !== null && self::circles($bowl, $visit)) {
                $facts[] = Fact::of('times.follows-itself', letter: $bowl->letter, other: $follows->bowl);
                $change['follows'] = null;
            }
            if (
                ! in_array($bowl->rinse, ['round', 'own', 'not'], true)
                && ($bowl->rinse === $bowl->letter || $visit->bowl($bowl->rinse) === null)
            ) {
                $facts[] = Fact::of('times.rinsed-with-nothing', letter: $bowl->letter, other: $bowl->rinse);
                $change['rinse'] = 'round';
            }
            array_push($facts, ...self::minutes($bowl));
            $hands = array_values(
                array_unique(array_map(static fn (string $name): string => mb_strtolower(trim($name)), $bowl->hands)),
            );
            if (count($hands) < count($bowl->hands)) {
                $facts[] = Fact::of('times.one-person-twice', letter: $bowl->letter, name: $bowl->hands[0]);
                $change['hands'] = [$bowl->hands[0]];
            }
            $visit = $change === [] ? $visit : $visit->withBowl($bowl->letter, $change);
        }

        return [$visit, $facts];
    }

    /**
     * Two things that were said contradict each other: one bowl is freed of them, or as many as it takes.
     *
     * @return array{TimedVisit, list<Fact>}
     */
    public static function untangled(TimedVisit $visit): array
    {
        $said = array_values(array_filter(
            array_reverse($visit->bowls),
            static fn (TimedBowl $bowl): bool => $bowl->follows !== null
                || ! in_array($bowl->rinse, ['round', 'own'], true)
                || $bowl->order !== null,
        ));
        foreach ($said as $bowl) {
            $freed = self::freed($visit, $bowl);
            if (self::isPossible($freed)) {
                return [$freed, [Fact::of('times.contradicts', letter: $bowl->letter)]];
            }
        }
        $facts = [];
        foreach ($said as $bowl) {
            $visit = self::freed($visit, $bowl);
            $facts[] = Fact::of('times.contradicts', letter: $bowl->letter);
            if (self::isPossible($visit)) {
                break;
            }
        }

        return [$visit, $facts];
    }

    private static function freed(TimedVisit $visit, TimedBowl $bowl): TimedVisit
    {
        return $visit->withBowl($bowl->letter, ['follows' => null, 'rinse' => 'round', 'order' => null]);
    }

    private static function isPossible(TimedVisit $visit): bool
    {
        return (new TimeModel($visit))->network->cheapest() !== null;
    }

    /** @return list<Fact> */
    private static function minutes(TimedBowl $bowl): array
    {
        $longest = $bowl->window?->most;

        return $longest === null ? [] : array_values(array_filter([
            $bowl->heated() > $longest
                ? Fact::of('times.heat-longer', letter: $bowl->letter, minutes: $bowl->heated(), longest: $longest)
                : null,
            $bowl->emulsify !== null && $bowl->emulsify > $longest
                ? Fact::of('times.emulsify-longer', letter: $bowl->letter, minutes: $bowl->emulsify, longest: $longest)
                : null,
            $bowl->through !== null && $bowl->through > $longest
                ? Fact::of('times.through-longer', letter: $bowl->letter, minutes: $bowl->through, longest: $longest)
                : null,
            $bowl->lookFrom !== null && $bowl->lookFrom > $longest
                ? Fact::of('times.look-too-late', letter: $bowl->letter, minutes: $bowl->lookFrom, longest: $longest)
                : null,
        ]));
    }

    private static function circles(TimedBowl $bowl, TimedVisit $visit): bool
    {
        $seen = [];
        for (
            $at = $bowl; $at !== null
            && ! isset($seen[$at->letter]); $at = $at->follows === null ? null : $visit->bowl($at->follows->bowl)
        ) {
            $seen[$at->letter] = true;
        }

        return $at === $bowl;
    }
}
