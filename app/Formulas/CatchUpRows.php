<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Stamp;
use Carbon\CarbonImmutable;
use Core\Advice\CatchUp;
use Core\Hair\CanvasZone;
use Core\Hair\Porosity;
use Core\Hair\Stroke;
use Core\Timing\StampKind;
use Core\Units\Strength;
use Core\Weighing\BatchStatus;

/** What a further batch of a bowl has to catch up with. */
final readonly class CatchUpRows
{
    public function __construct(private VisitBowls $bowls, private CanvasRows $canvases, private SalonShelf $shelves)
    {
    }

    /** Null where nothing was mixed before, or nothing speaks for another strength. */
    public function of(Bowl $bowl, CarbonImmutable $now): ?CatchUp
    {
        $visit = $bowl->round->visit;
        $first = $bowl->batches->first(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished);
        $began = $bowl->stamps->filter(fn (Stamp $stamp): bool => $stamp->kind === StampKind::Began)
            ->min(fn (Stamp $stamp): int => (int) $stamp->stamped_at->getTimestamp());
        $letter = trim($bowl->letter);
        foreach ($first === null || $began === null ? [] : $this->bowls->placed($visit) as $placed) {
            if ($placed->sheet->letter !== $letter) {
                continue;
            }
            $zones = array_filter(
                $this->canvases->canvas($visit)->zones,
                static fn (CanvasZone $zone): bool => $placed->strokesOn(...$zone->cells()) !== [],
            );

            return CatchUp::of(
                kind: $placed->line->kind,
                own: $placed->strength,
                strengths: array_values(array_filter(array_map(
                    static fn ($product): ?Strength => $product->strength,
                    $this->shelves->forVisit($visit)->developersOf($placed->line),
                ))),
                behind: intdiv((int) $now->getTimestamp() - $began, 60),
                minutes: $placed->minutes(),
                onScalp: array_filter(
                    $placed->strokes,
                    static fn (Stroke $stroke): bool => $stroke->touchesScalp(),
                ) !== [],
                porous: array_filter(
                    $zones,
                    static fn (CanvasZone $zone): bool => $zone->porosity === Porosity::High,
                ) !== [],
                rules: $visit->rules(),
            );
        }

        return null;
    }
}
