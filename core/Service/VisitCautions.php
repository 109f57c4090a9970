<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\ZoneReading;
use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\Coverage;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Shelf;
use Core\Units\Fraction;

/** All that needs care in a visit: of each zone, each kind of strand and the map, every caution once, worst first. */
final class VisitCautions
{
    /**
     * @param  list<PlacedBowl>  $bowls
     * @param  list<Outlook>  $outlooks
     * @param  array<string, ZoneReading>  $readings  by zone id
     * @param  ?Shelf  $shelf  that the bowls are made from; null where only the hair is looked at
     * @param  ?HouseRules  $rules  whose schools count; null where only the hair is looked at
     * @return list<Caution>
     */
    public static function of(
        Canvas $canvas,
        Coverage $coverage,
        array $bowls,
        array $outlooks,
        array $readings,
        ?Shelf $shelf = null,
        ?HouseRules $rules = null,
    ): array {
        $found = [];
        foreach ($outlooks as $outlook) {
            $reading = $readings[$outlook->zone->id] ?? null;
            foreach (
                [
                    ...($reading->cautions ?? []),
                    ...$outlook->cautions(),
                    ...self::runsInto($outlook),
                    ...($shelf === null ? [] : self::meets($outlook, $shelf)),
                ] as $caution
            ) {
                $found[] = $caution->of($outlook->zone->name);
            }
        }
        $keys = array_map(static fn (Caution $caution): string => $caution->key, $found);
        foreach (MapCautions::of($canvas, $coverage, $bowls) as $caution) {
            // Said of the strands already, where it is true of them.
            if (
                $caution->key !== 'dark-strength-on-light'
                || array_intersect(['strong-on-light', 'overlap'], $keys) === []
            ) {
                $found[] = $caution;
            }
        }
        if ($rules !== null) {
            $found = [
                ...$found,
                ...RootsAndLengths::cautions($canvas, $bowls, $rules),
                ...RootColourOnLengths::cautions($canvas, $bowls, $rules),
            ];
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
                            light: implode(
                                ', ',
                                array_map(static fn (array $each): string => $each['bowl']->sheet->letter, $beside),
                            ),
                        ));
                    }
                }
            }
        }

        return $found;
    }

    /**
     * Lines that by their maker's word must not meet on one strand, and do.
     *
     * @return list<Caution>
     */
    private static function meets(Outlook $outlook, Shelf $shelf): array
    {
        $found = [];
        foreach ($outlook->strands as $story) {
            $services = $story->strand->services();
            foreach ($services as $at => ['bowl' => $one]) {
                foreach (array_slice($services, $at + 1) as ['bowl' => $other]) {
                    foreach ([[$one, $other], [$other, $one]] as [$speaks, $meant]) {
                        [$line, $met] = [$shelf->line($speaks->sheet->line), $shelf->line($meant->sheet->line)];
                        if (
                            $line !== null
                            && $met !== null
                            && $line !== $met
                            && in_array($met->kind, $line->apart, true)
                        ) {
                            $found[
                                "{$speaks->sheet->letter} {$meant->sheet->letter}"
                            ] = new Caution('touching', Fact::of(
                                'cautions.touching-line',
                                line: $line->name,
                                kind: $met->kind->value,
                                one: $speaks->sheet->letter,
                                other: $meant->sheet->letter,
                            ));
                        }
                    }
                }
            }
        }

        return array_values($found);
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
