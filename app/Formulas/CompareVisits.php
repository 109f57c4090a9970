<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Record\BowlFacts;
use Core\Record\CompareBowls;
use Core\Record\Row;
use Core\Shelf\Shelf;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;

/** Two visits bowl by bowl: those that come from each other side by side, else those of the same letter. */
final readonly class CompareVisits
{
    public function __construct(
        private VisitBowls $bowls,
        private SalonShelf $shelves,
        private ClockRows $clocks,
        private PouredBowls $poured,
    ) {
    }

    /** @return list<array{before: ?Bowl, after: ?Bowl, rows: list<Row>}> */
    public function of(Visit $before, Visit $after): array
    {
        $old = $before->rounds->flatMap(fn ($round) => $round->bowls);
        $left = $old->keyBy('id');
        $pairs = [];
        foreach ($after->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            $match = $left->first(fn (Bowl $each): bool => $bowl->from_bowl_id === $each->id)
                ?? $left->first(fn (Bowl $each): bool => $each->from_bowl_id === $bowl->id)
                ?? $left->first(fn (Bowl $each): bool => trim($each->letter) === trim($bowl->letter));
            if ($match !== null) {
                $left->forget($match->id);
            }
            $pairs[] = $this->pair($match, $bowl, $before, $after);
        }
        foreach ($left as $gone) {
            $pairs[] = $this->pair($gone, null, $before, $after);
        }

        return $pairs;
    }

    /** @return array{before: ?Bowl, after: ?Bowl, rows: list<Row>} */
    public function pair(?Bowl $before, ?Bowl $after, Visit $past, Visit $present): array
    {
        $shelf = $this->both($past, $present);

        return [
            'before' => $before,
            'after' => $after,
            'rows' => CompareBowls::rows(
                $this->facts($before, $past),
                $this->facts($after, $present),
                $shelf,
                $present->rules(),
            ),
        ];
    }

    private function both(Visit $past, Visit $present): Shelf
    {
        $shelf = $this->shelves->forVisit($present);
        foreach ($past->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            $mixture = $this->shelves->forVisit($past)->product("bowl:{$bowl->id}");
            $shelf = $mixture === null ? $shelf : $shelf->withMixtures($mixture);
        }

        return $shelf;
    }

    private function facts(?Bowl $bowl, Visit $visit): ?BowlFacts
    {
        $sheet = $bowl === null ? null : $this->bowls->sheet($bowl, $visit);
        if ($bowl === null || $sheet === null) {
            return null;
        }
        $finished = $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished);

        $poured = $this->poured->sheet($bowl, $visit);

        return new BowlFacts(
            $poured ?? $sheet,
            $finished->isEmpty()
                ? null
                : Grams::sum($finished->map(fn (Batch $batch): Grams => $batch->used_cg)->all()),
            $this->clocks->clock($bowl, $visit, CarbonImmutable::now())->processed,
            $visit->outcome,
            planned: $poured === null ? null : $sheet,
        );
    }
}
