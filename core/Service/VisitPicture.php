<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\ZoneReading;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Coverage;
use Core\Hair\ZoneResult;
use Core\Judgement\Caution;
use Core\Judgement\Observed;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;

/**
 * Canvas and bowls of a visit seen together: what each zone says, what it is expected to come to, where the bowls lie,
 * how much they take.
 */
final readonly class VisitPicture
{
    /**
     * @param  list<PlacedBowl>  $bowls
     * @param  array<string, ZoneReading>  $readings  by zone id
     * @param  list<Outlook>  $outlooks
     * @param  list<SuggestedBowl>  $suggestions
     * @param  list<Caution>  $cautions
     * @param  array<string, ?PlacedAmount>  $amounts  by bowl letter; null where a bowl says no place
     */
    private function __construct(
        public Canvas $canvas,
        public array $bowls,
        public array $readings,
        public array $outlooks,
        public Coverage $coverage,
        public array $suggestions,
        public array $cautions,
        public array $amounts,
    ) {
    }

    /**
     * @param  list<PlacedBowl>  $bowls  in the order of their rounds
     * @param  list<Observed>  $history  what this client's hair really did
     * @param  array<int, list<ZoneResult>>  $reached  what was seen after a round, by round
     */
    public static function of(
        Canvas $canvas,
        array $bowls,
        array $history,
        Shelf $shelf,
        HouseRules $rules,
        array $reached = [],
    ): self {
        $coverage = self::coverage($canvas, $bowls);
        $outlooks = $readings = $amounts = [];
        foreach ($canvas->zones as $zone) {
            foreach (SplitWishes::of($zone, $bowls, $history) as $part) {
                $outlooks[] = Outlook::over($part['zone'], $part['strands'], $history, self::seenOf($part['zone'], $reached));
                $readings[$part['zone']->id] = ZoneReading::of($part['zone'], $rules);
            }
        }
        foreach ($bowls as $bowl) {
            $amounts[$bowl->sheet->letter] = PlacedAmount::of($bowl, $canvas, $bowls);
        }

        return new self(
            canvas: $canvas,
            bowls: $bowls,
            readings: $readings,
            outlooks: $outlooks,
            coverage: $coverage,
            suggestions: SuggestBowls::for($canvas, $outlooks, $bowls, $shelf, $rules),
            cautions: MapCautions::of($canvas, $coverage, $bowls),
            amounts: $amounts,
        );
    }

    /**
     * @param  array<int, list<ZoneResult>>  $reached
     * @return array<int, ZoneResult>
     */
    private static function seenOf(CanvasZone $zone, array $reached): array
    {
        $seen = [];
        foreach ($reached as $round => $results) {
            foreach ($results as $result) {
                if ($result->zone === $zone->id) {
                    $seen[$round] = $result;
                }
            }
        }

        return $seen;
    }

    /** @param  list<PlacedBowl>  $bowls */
    private static function coverage(Canvas $canvas, array $bowls): Coverage
    {
        $strokes = [];
        foreach ($bowls as $bowl) {
            foreach ($bowl->sheet->strokes as $stroke) {
                $strokes[] = ['letter' => $bowl->sheet->letter, 'round' => (string) $bowl->round, 'stroke' => $stroke];
            }
        }

        // Where no canvas was read, nobody said what is wished; where no bowl is planned yet, nothing is missing yet.
        return Coverage::of($strokes, $bowls === [] ? [] : $canvas->wished(), $canvas->offLimits());
    }
}
