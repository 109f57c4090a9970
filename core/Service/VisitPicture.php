<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\ZoneReading;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Coverage;
use Core\Hair\ZoneResult;
use Core\Judgement\Caution;
use Core\Judgement\Learnt;
use Core\Practice\HouseRules;
use Core\Shelf\LineKind;
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
     * @param  list<Caution>  $cautions  each once, worst first, with its zones
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
     * @param  Learnt  $learnt  what closed visits teach about this head
     * @param  array<int, list<ZoneResult>>  $reached  what was seen after a round, by round
     */
    public static function of(
        Canvas $canvas,
        array $bowls,
        Learnt $learnt,
        Shelf $shelf,
        HouseRules $rules,
        array $reached = [],
    ): self {
        $coverage = self::coverage($canvas, $bowls);
        $outlooks = $readings = $amounts = [];
        foreach ($canvas->zones as $zone) {
            foreach (SplitWishes::of($zone, $bowls, $learnt) as $part) {
                $outlooks[] = Outlook::over(
                    $part['zone'],
                    $part['strands'],
                    $learnt,
                    self::seenOf($part['zone'], $reached),
                );
                $readings[$part['zone']->id] = ZoneReading::of(
                    $part['zone'],
                    $rules,
                    self::hasLightener($part['strands']),
                );
            }
        }
        $head = Strands::ofHead($bowls);
        foreach ($bowls as $bowl) {
            $amounts[$bowl->sheet->letter] = PlacedAmount::of($bowl, $canvas, $head);
        }

        return new self(
            canvas: $canvas,
            bowls: $bowls,
            readings: $readings,
            outlooks: $outlooks,
            coverage: $coverage,
            suggestions: SuggestBowls::for($canvas, $outlooks, $bowls, $shelf, $rules),
            cautions: VisitCautions::of(
                canvas: $canvas,
                coverage: $coverage,
                bowls: $bowls,
                outlooks: $outlooks,
                readings: $readings,
                shelf: $shelf,
                rules: $rules,
            ),
            amounts: $amounts,
        );
    }

    /**
     * Which bowls lie where, one round at a time: four bowls on one cell can be told apart.
     *
     * @return array<int, array<string, list<string>>> letters by cell key, by round
     */
    public function byRound(): array
    {
        $rounds = [];
        foreach ($this->bowls as $bowl) {
            foreach ($bowl->laid() as $stroke) {
                $rounds[$bowl->round][] = [
                    'letter' => $bowl->sheet->letter,
                    'round' => (string) $bowl->round,
                    'stroke' => $stroke,
                ];
            }
        }
        ksort($rounds);

        return array_map(static fn (array $strokes): array => Coverage::of($strokes, [])->bowls, $rounds);
    }

    /** @param  list<Strand>  $strands */
    private static function hasLightener(array $strands): bool
    {
        foreach ($strands as $strand) {
            foreach ($strand->services() as ['bowl' => $bowl]) {
                if ($bowl->line->kind === LineKind::Lightener) {
                    return true;
                }
            }
        }

        return false;
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
                if ($result->isOfZone($zone->id)) {
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
            foreach ($bowl->laid() as $stroke) {
                $strokes[] = ['letter' => $bowl->sheet->letter, 'round' => (string) $bowl->round, 'stroke' => $stroke];
            }
        }

        // Where no canvas was read, nobody said what is wished; where no bowl is planned yet, nothing is missing yet.
        return Coverage::of($strokes, $bowls === [] ? [] : $canvas->wished(), $canvas->offLimits());
    }
}
