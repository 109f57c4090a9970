<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Batch;
use Core\Units\Grams;
use Core\Weighing\Batch as WeighedBatch;
use Core\Weighing\PlannedLine;
use Core\Weighing\SteerBack;

/** An over-poured batch steered back with what is on the shelf today. */
final readonly class SteeringRows
{
    public function __construct(private SalonShelf $shelves)
    {
    }

    public function of(Batch $batch, WeighedBatch $weighed): ?SteerBack
    {
        if ($weighed->over() === null) {
            return null;
        }
        $visit = $batch->bowl->round->visit;
        $shelf = $this->shelves->forVisit($visit);
        $pigments = [];
        foreach ($weighed->plan->lines as $line) {
            $pigment = $shelf->product(preg_replace('/^extra:/', '', $line->key) ?? '')?->pigment;
            if ($pigment !== null) {
                $pigments[$line->key] = $pigment;
            }
        }
        $others = [];
        foreach ($shelf->line("line-{$batch->bowl->colour_line_id}")->developers ?? [] as $id) {
            $product = $shelf->product($id);
            if ($product?->strength !== null && ! isset($weighed->poured[$id])) {
                $others[] = new PlannedLine(
                    $id,
                    $product->label(),
                    $weighed->plan->developerPart(),
                    Grams::zero(),
                    $product->strength,
                );
            }
        }

        return SteerBack::of($weighed, $pigments, $others, $visit->rules());
    }
}
