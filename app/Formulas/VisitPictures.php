<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Visit;
use Core\Hair\Canvas;
use Core\Service\VisitPicture;

/** A visit's rows, with what is still being typed, as the core's picture of it. */
final readonly class VisitPictures
{
    public function __construct(
        private CanvasRows $canvases,
        private VisitBowls $bowls,
        private SalonShelf $shelves,
        private LearntRows $learnt,
    ) {
    }

    /**
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  bowls as they are being typed,
     *     by id
     * @param  list<string>  $without  ids of bowls seen as if nobody planned them
     */
    public function of(Visit $visit, ?Canvas $canvas = null, array $drafts = [], array $without = []): VisitPicture
    {
        $bowls = $this->bowls->asTheyAre($visit, $drafts, $without);
        $head = $canvas ?? $this->canvases->canvas($visit);

        return VisitPicture::of(
            canvas: $head,
            bowls: $bowls,
            learnt: $this->learnt->before($visit),
            shelf: $this->shelves->at($visit),
            rules: $visit->rules(),
            reached: $this->canvases->reached($visit, $head),
        );
    }
}
