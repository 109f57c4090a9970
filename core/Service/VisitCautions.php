<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\ZoneReading;
use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\Coverage;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Practice\Number;
use Core\Units\Fraction;

/** All that needs care in a visit: of each zone, each kind of strand and the map, every caution once, worst first. */
final class VisitCautions
{
    /**
     * @param  list<PlacedBowl>  $bowls
     * @param  list<Outlook>  $outlooks
     * @param  array<string, ZoneReading>  $readings  by zone id
     * @return list<Caution>
     */
    public static function of(Canvas $canvas, Coverage $coverage, array $bowls, array $outlooks, array $readings): array
    {
        $found = [];
        foreach ($outlooks as $outlook) {
            $reading = $readings[$outlook->zone->id] ?? null;
            foreach ([...($reading->cautions ?? []), ...$outlook->cautions(), ...self::runsInto($outlook)] as $caution) {
                $found[] = $caution->of($outlook->zone->name);
            }
        }
        $keys = array_map(static fn (Caution $caution): string => $caution->key, $found);
        foreach (MapCautions::of($canvas, $coverage, $bowls) as $caution) {
            // Said of the strands already, where it is true of them.
            if ($caution->key !== 'dark-strength-on-light' || array_intersect(['strong-on-light', 'overlap'], $keys) === []) {
                $found[] = $caution;
            }
        }
        foreach ($bowls as $bowl) {
            $found = Cautions::unlessMeant($bowl->sheet, $found);
        }

        return Caution::together($found);
    }

    /**
     * Dark colour that is rinsed out together with strands that were lightened beside it, and nothing shields them.
     *
     * @return list<Caution>
     */
    private static function runsInto(Outlook $outlook): array
    {
        $found = [];
        foreach ($outlook->strands as $light) {
            foreach ($outlook->strands as $dark) {
                foreach ($dark->strand->services() as ['bowl' => $bowl]) {
                    $level = $bowl->mix?->level;
                    $apart = $light !== $dark && ! in_array($bowl->sheet->letter, $light->strand->letters(), true);
                    $beside = array_values(array_filter(
                        $light->strand->services(),
                        static fn (array $each): bool => $each['bowl']->round === $bowl->round,
                    ));
                    $far = $level !== null && $beside !== [] && self::levelAfter($light, $bowl->round)
                        ->minus($level)->compare(Number::RunsInto->value()) >= 0;
                    if ($apart && $far && ! $light->strand->isShielded($bowl->round)) {
                        $found[] = new Caution('runs-into', Fact::of(
                            'cautions.runs-into',
                            dark: $bowl->sheet->letter,
                            light: implode(', ', array_map(static fn (array $each): string => $each['bowl']->sheet->letter, $beside)),
                        ));
                    }
                }
            }
        }

        return $found;
    }

    private static function levelAfter(StrandStory $story, int $round): Fraction
    {
        $level = $story->level();
        foreach ($story->steps as $step) {
            $level = $step['round'] <= $round ? $step['expected']->level : $level;
        }

        return $level;
    }
}
