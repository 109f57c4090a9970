<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\ZoneResult;
use Core\Judgement\Observed;
use Core\Units\Fraction;

/** What a closed visit teaches about a head: how far its hair really lifted, where it is plain which bowl did it. */
final class Calibration
{
    /**
     * One bowl that lifts, on a zone whose level was read before and seen after: only that says what the bowl did. Where
     * somebody looked between the rounds, each round says it for itself, before a toner has gone over it.
     *
     * @param  list<ZoneResult>  $results
     * @param  list<PlacedBowl>  $bowls
     * @param  array<int, list<ZoneResult>>  $reached  what was seen after a round, by round
     * @return list<Observed>
     */
    public static function of(Canvas $canvas, array $results, array $bowls, array $reached = []): array
    {
        $seen = [];
        foreach ($canvas->zones as $zone) {
            $lifting = [];
            foreach ($bowls as $bowl) {
                if (! $bowl->line->kind->depositsOnly() && $bowl->strokesOn(...$zone->cells()) !== []) {
                    $lifting[$bowl->round][] = $bowl;
                }
            }
            $start = $zone->level;
            $last = array_key_last($lifting);
            foreach ($lifting as $round => $here) {
                $end = self::levelOf($zone, $reached[$round] ?? []) ?? ($round === $last ? self::levelOf($zone, $results) : null);
                if ($start !== null && $end !== null && count($here) === 1 && $end->compare($start) > 0) {
                    $seen[] = new Observed($here[0]->line->kind, $here[0]->strength, $here[0]->minutes(), $end->minus($start));
                }
                $start = $end;
            }
        }

        return $seen;
    }

    /** @param  list<ZoneResult>  $results */
    private static function levelOf(CanvasZone $zone, array $results): ?Fraction
    {
        foreach ($results as $result) {
            if ($result->zone === $zone->id && $result->level !== null) {
                return $result->level;
            }
        }

        return null;
    }
}
