<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\ZoneResult;
use Core\Judgement\Observed;
use Core\Judgement\Prediction;
use Core\Pigment\Ladder;
use Core\Pigment\Real;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/** What a closed visit teaches about a head: how far its hair lifted, how much colour held, how warm it stayed. */
final class Calibration
{
    /**
     * From one time somebody looked to the next: what was expected of the bowls between, by the model alone, beside
     * what was seen. Where two of them lift, nobody can tell which did it.
     *
     * @param  list<ZoneResult>  $results
     * @param  list<PlacedBowl>  $bowls  as they were poured, and as long as they were on
     * @param  array<int, list<ZoneResult>>  $reached  what was seen after a round, by round
     * @return list<Observed>
     */
    public static function of(Canvas $canvas, array $results, array $bowls, array $reached = []): array
    {
        $found = [];
        foreach ($canvas->zones as $zone) {
            foreach (SplitWishes::of($zone, $bowls) as $part) {
                $seen = array_filter(array_map(
                    static fn (array $round): ?ZoneResult => self::ofStrand($part['zone'], '', $round),
                    $reached,
                ));
                $outlook = Outlook::over($part['zone'], $part['strands'], reached: $seen);
                $main = $outlook->main();
                foreach ($main === null ? [] : $outlook->strands as $story) {
                    $result = self::ofStrand($part['zone'], $story === $main ? '' : $story->strand->key(), $results);
                    // What was seen between two rounds was seen of the strands that carry the wish.
                    $between = $story === $main ? $seen : [];
                    if ($story === $main || $result !== null) {
                        $found = [...$found, ...self::ofStory($part['zone'], $story, $between, $result)];
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<int, ZoneResult>  $seen  by round
     * @return list<Observed>
     */
    private static function ofStory(CanvasZone $zone, StrandStory $story, array $seen, ?ZoneResult $result): array
    {
        $start = $zone->level;
        $found = $between = [];
        $last = count($story->steps) - 1;
        foreach ($story->steps as $at => $step) {
            $between[] = [$step['expected'], self::bowl($story, $step['letter'])];
            $round = $step['round'];
            $ends = $at === $last || $story->steps[$at + 1]['round'] !== $round;
            $end = $ends ? ($seen[$round] ?? ($at === $last ? $result : null)) : null;
            if ($end?->level === null || $start === null) {
                continue;
            }
            $found = [...$found, ...self::between($start, $end, $between)];
            [$start, $between] = [$end->level, []];
        }

        return $found;
    }

    /**
     * @param  non-empty-list<array{Prediction, PlacedBowl}>  $steps
     * @return list<Observed>
     */
    private static function between(Fraction $start, ZoneResult $end, array $steps): array
    {
        $bleaching = array_values(
            array_filter($steps, static fn (array $step): bool => $step[1]->line->kind === LineKind::Lightener),
        );
        [$last, $by] = $steps[count($steps) - 1];
        $level = $end->level ?? $start;
        $warmer = $end->tone->families === [] ? null : Real::hundredths(
            Ladder::warmth(
                Ladder::of($level, $end->tone->mix()),
            ) - Ladder::warmth($last->colour->withoutGrey()->seen()),
        );
        $redder = $end->tone->families === [] ? null : Real::hundredths(
            Ladder::redness(
                Ladder::of($level, $end->tone->mix()),
            ) - Ladder::redness($last->colour->withoutGrey()->seen()),
        );
        // Two that lift over the same hair: nobody can tell which did it.
        if (count(array_filter($steps, static fn (array $step): bool => ! $step[1]->line->kind->depositsOnly())) > 1) {
            return [];
        }
        if ($bleaching === []) {
            $deeper = ! $last->lifted->equals($last->level) ? $last->level->minus($level) : null;

            return $deeper === null && $warmer === null ? [] : [new Observed(
                kind: $by->line->kind,
                line: $by->line->id,
                deeper: $deeper,
                warmer: $warmer,
                redder: $redder,
                alike: $last->alike,
            )];
        }
        // Too short to say anything: rinsed at once, or hardly any strength.
        if ($bleaching[0][0]->lift->compare(Number::LeastSeen->value()) < 0) {
            return [];
        }
        [$lift, $bowl] = $bleaching[0];
        // What went over it afterwards took away what is expected of it.
        $laid = $lift->level->minus($last->level);
        $lifted = $level->plus($laid)->minus($start);

        // How far it lifted is the lightener's doing; how warm it ended, that of what came last.
        $toned = $by->line->id === $bowl->line->id || $warmer === null ? [] : [
            new Observed(
                kind: $by->line->kind,
                line: $by->line->id,
                warmer: $warmer,
                redder: $redder,
                alike: $last->alike,
            ),
        ];

        return [new Observed(
            kind: $bowl->line->kind,
            line: $bowl->line->id,
            said: $lift->lift,
            lifted: $lifted->isNegative() ? Fraction::zero() : $lifted,
            warmer: $toned === [] ? $warmer : null,
            redder: $toned === [] ? $redder : null,
            alike: $lift->alike,
        ), ...$toned];
    }

    private static function bowl(StrandStory $story, string $letter): PlacedBowl
    {
        foreach ($story->strand->services() as ['bowl' => $bowl]) {
            if ($bowl->sheet->letter === $letter) {
                return $bowl;
            }
        }

        return $story->strand->services()[0]['bowl'];
    }

    /** @param  list<ZoneResult>  $results */
    private static function ofStrand(CanvasZone $zone, string $strand, array $results): ?ZoneResult
    {
        foreach ($results as $result) {
            if ($result->zone === $zone->id && $result->strand === $strand && $result->level !== null) {
                return $result;
            }
        }

        return null;
    }
}
