<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\Canvas;
use Core\Hair\ZoneResult;
use Core\Judgement\Observed;

/** What a closed visit teaches about a head: how far its hair really lifted, where it is plain which bowl did it. */
final class Calibration
{
    /**
     * One bowl that lifts, on a zone whose level was read before and seen after: only that says what the bowl did.
     *
     * @param  list<ZoneResult>  $results
     * @param  list<PlacedBowl>  $bowls
     * @return list<Observed>
     */
    public static function of(Canvas $canvas, array $results, array $bowls): array
    {
        $reached = [];
        foreach ($results as $result) {
            $reached[$result->zone] = $result->level;
        }
        $seen = [];
        foreach ($canvas->zones as $zone) {
            $level = $reached[$zone->id] ?? null;
            if ($level === null || $zone->level === null || $level->compare($zone->level) <= 0) {
                continue;
            }
            $lifting = array_values(array_filter(
                $bowls,
                static fn (PlacedBowl $bowl): bool => ! $bowl->line->kind
                    ->depositsOnly() && $bowl
                    ->strokesOn(...$zone->cells()) !== [],
            ));
            if (count($lifting) === 1) {
                $seen[] = new Observed(
                    $lifting[0]->line->kind,
                    $lifting[0]->strength,
                    $lifting[0]->minutes(),
                    $level->minus($zone->level),
                );
            }
        }

        return $seen;
    }
}
