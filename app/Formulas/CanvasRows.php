<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Visit;
use Core\Codec\ReadCanvas;
use Core\Hair\Canvas;
use Core\Hair\ZoneResult;
use Core\Shelf\LineKind;

/** A visit's canvas and the results of its zones, as the core's values; and what was laid on each cell. */
final readonly class CanvasRows
{
    public function __construct(private VisitBowls $bowls)
    {
    }

    public function canvas(Visit $visit): Canvas
    {
        return $visit->canvas === null ? new Canvas : ReadCanvas::from($visit->canvas->canvas);
    }

    /** @return list<ZoneResult> */
    public function results(Visit $visit): array
    {
        return ReadCanvas::results($visit->results ?? [], $this->canvas($visit)->ids());
    }

    /** @return array<int, list<ZoneResult>> what was seen after a round, by the round's place */
    public function reached(Visit $visit, ?Canvas $canvas = null): array
    {
        $ids = ($canvas ?? $this->canvas($visit))->ids();
        $reached = [];
        foreach ($visit->rounds->values() as $at => $round) {
            // A zone that was taken out of the canvas since says nothing any more.
            $known = array_values(array_filter(
                $round->reached ?? [],
                fn (array $result): bool => in_array($result['zone'] ?? null, $ids, true),
            ));
            $reached[$at] = ReadCanvas::results($known, $ids);
        }

        return $reached;
    }

    /** @return array<string, list<LineKind>> what was laid on each cell, by cell key */
    public function done(Visit $visit): array
    {
        $done = [];
        foreach ($this->bowls->placed($visit) as $bowl) {
            foreach ($bowl->line->kind === LineKind::Care ? [] : $bowl->strokes as $stroke) {
                foreach (\Core\Hair\Coverage::cells($stroke) as $cell) {
                    $done[$cell->key()][] = $bowl->line->kind;
                }
            }
        }

        return $done;
    }
}
