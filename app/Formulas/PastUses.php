<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\Verdict;
use App\Enums\VisitStatus;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Visit;
use Core\Advice\PastUse;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;
use Core\Weighing\PlannedLine;

/** What a client's bowls for the same job came to, visit by visit. */
final readonly class PastUses
{
    public function __construct(private BatchRows $batches)
    {
    }

    /** @return list<PastUse> up to and with this bowl's own visit, oldest first */
    public function of(Bowl $bowl, Visit $visit): array
    {
        $bowls = Bowl::query()->with(['batches.pours', 'stamps', 'round.visit'])
            ->where('job', $bowl->job)->where('colour_line_id', $bowl->colour_line_id)
            ->whereHas(
                'round.visit',
                fn ($past) => $past->where('client_id', $visit->client_id)->where('status', VisitStatus::Closed)->where(
                    'starts_at',
                    '<=',
                    $visit->starts_at,
                ),
            )
            ->get()->sortBy(fn (Bowl $each) => $each->round->visit->starts_at);

        return array_values(array_filter($bowls->reject(fn (Bowl $each): bool => $each->isSetAside())->map($this->use(...))->all()));
    }

    private function use(Bowl $bowl): ?PastUse
    {
        $colour = $mixed = $used = Grams::zero();
        foreach ($bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished) as $batch) {
            $weighed = $this->batches->weighed($batch);
            $colour = $colour->plus(Grams::sum(array_map(
                fn (PlannedLine $line): Grams => $line->part === 0 ? $line->target : Grams::zero(),
                $weighed->plan->lines,
            )));
            $mixed = $mixed->plus($batch->mixed_cg);
            $used = $used->plus($batch->used_cg);
        }
        if ($mixed->isZero()) {
            return null;
        }
        $visit = $bowl->round->visit;

        return PastUse::judged(
            colour: $colour, mixed: $mixed, used: $used, liked: $visit->verdict === Verdict::Good,
            lasting: $visit->lasting,
            covering: $visit->covering,
            bright: $visit->bright,
            words: "{$visit->outcome}. {$visit->change}",
        );
    }
}
