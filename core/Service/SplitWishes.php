<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\CanvasZone;
use Core\Hair\Stroke;
use Core\Judgement\Prediction;
use Core\Units\Fraction;

/**
 * Where two things are wished of one zone, each strand meets its own bowls: what divides the zone (foils, a pattern) goes to
 * the wish it comes nearest to, what lies on all of it meets both. Our own model.
 */
final class SplitWishes
{
    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<array{zone: CanvasZone, bowls: list<PlacedBowl>}> one a wish
     */
    public static function of(CanvasZone $zone, array $bowls): array
    {
        $wishes = $zone->byWish();
        if (count($wishes) < 2) {
            return [['zone' => $zone, 'bowls' => $bowls]];
        }
        [$main, $also] = $wishes;
        $first = $second = [];
        foreach ($bowls as $bowl) {
            $stroke = $bowl->strokesOn(...$zone->cells())[0] ?? null;
            $divides = $stroke !== null && ($stroke->pattern !== null || $stroke->method?->usesFoils() === true);
            $nearer = $stroke === null || ! $divides ? null : self::nearer($main, $also, $bowl, $stroke);
            if ($nearer !== $also) {
                $first[] = $bowl;
            }
            if ($nearer !== $main) {
                $second[] = $bowl;
            }
        }

        return [['zone' => $main, 'bowls' => $first], ['zone' => $also, 'bowls' => $second]];
    }

    /** Null where neither wish says a level, so that nobody can tell. */
    private static function nearer(CanvasZone $main, CanvasZone $also, PlacedBowl $bowl, Stroke $stroke): ?CanvasZone
    {
        $now = $main->judged();
        $levels = [$main->wishLevel ?? $main->level, $also->wishLevel ?? $also->level];
        if ($now === null || $levels[0] === null || $levels[1] === null) {
            return null;
        }
        $made = Prediction::of($now, $bowl->process($stroke))->level;
        $misses = array_map(static function (Fraction $wish) use ($made): Fraction {
            $miss = $wish->minus($made);

            return $miss->isNegative() ? $miss->negated() : $miss;
        }, $levels);

        return $misses[0]->compare($misses[1]) <= 0 ? $main : $also;
    }
}
