<?php

declare(strict_types=1);

namespace App\Http\Resources\Weighing;

use App\Formulas\BatchRows;
use App\Formulas\SteeringRows;
use App\Formulas\StockRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\ScaleZero;
use App\Words\Say;
use Core\Formula\Extra;
use Core\Practice\Number;
use Core\Stock\StockLevel;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Core\Weighing\Batch as WeighedBatch;
use Core\Weighing\BatchStatus;
use Core\Weighing\Bench;
use Core\Weighing\BenchPress;
use Core\Weighing\Outcome;
use Core\Weighing\OverPour;
use Core\Weighing\PlannedLine;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A batch as the bench shows it: every gram worked and worded here, so that the page computes none.
 *
 * @property Batch $resource
 */
final class BatchResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $batch = $this->resource;
        $weighed = resolve(BatchRows::class)->weighed($batch);
        $current = $weighed->current();
        $stock = $batch->status->isOpen()
            ? resolve(StockRows::class)->some(
                $batch->bowl->round->visit->salon_id,
                array_values(
                    array_unique(
                        array_map(
                            static fn (PlannedLine $line): string => Extra::productOf($line->key),
                            $weighed->plan->lines,
                        ),
                    ),
                ),
            )
            : [];

        return [
            'id' => $batch->id,
            // The first is the first, whatever became of those after it.
            'number' => $batch->number === 1
                ? 1
                : 1 + (int) $batch->bowl->batches->search(fn (Batch $each): bool => $each->id === $batch->id),
            'bowl' => [
                'id' => $batch->bowl_id, 'letter' => trim($batch->bowl->letter), 'job' => $batch->bowl->job,
                'visit' => $batch->bowl->round->visit_id, 'ratio' => $batch->bowl->sheet['ratio'] ?? '',
            ] + self::names($batch->bowl),
            'said' => $batch->plan['said'] ?? '',
            'status' => $weighed->status->value,
            'sequence' => (int) $batch->pours->max('sequence'),
            'lines' => array_map(
                fn (PlannedLine $line): array => $this->line($weighed, $line) + [
                    'short' => self::short($weighed, $line, $stock),
                ],
                $weighed->plan->lines,
            ),
            'current' => $current?->key,
            'live' => $current === null ? $this->watch($weighed) : $this->live($weighed, $current),
            'over' => $this->over($weighed, $batch),
            'total' => $weighed->total()->show($weighed->plan->step),
            'target' => $weighed->targetTotal()->show($weighed->plan->step),
            'planned' => $weighed->plan->total()->show($weighed->plan->step),
            'bowlWeight' => $weighed->bowlWeight?->text(),
            'leftover' => $weighed->leftover?->text(),
            'vessel' => $weighed->vessel,
            'zero' => $weighed->onScale ? $this->zero($batch) : null,
            'used' => $weighed->used()->show($weighed->plan->step),
            'discardReason' => $weighed->discardReason,
            'undoes' => $weighed->latest() === null ? null : Say::words($weighed->latest()->kind->named()),
            'presses' => array_map(
                static fn (BenchPress $press): string => $press->value,
                Bench::of($weighed, scale: true, standsHere: false, place: null)->presses,
            ),
        ];
    }

    /**
     * Whose bowl it is, and of which line: two words, asked with every pour.
     *
     * @return array{client: string, line: string}
     */
    private static function names(Bowl $bowl): array
    {
        $row = Bowl::query()->toBase()
            ->join('rounds', 'rounds.id', '=', 'bowls.round_id')
            ->join('visits', 'visits.id', '=', 'rounds.visit_id')
            ->join('clients', 'clients.id', '=', 'visits.client_id')
            ->join('colour_lines', 'colour_lines.id', '=', 'bowls.colour_line_id')
            ->where('bowls.id', $bowl->id)
            ->first(['clients.name as client', 'colour_lines.name as line']);

        return ['client' => (string) ($row->client ?? ''), 'line' => (string) ($row->line ?? '')];
    }

    /** The reader's word for the standing in which the scale is this batch's; null where it is not. */
    private function zero(Batch $batch): ?string
    {
        return $batch->status->isOpen() || $batch->status === BatchStatus::Finished
            ? ScaleZero::query()->where('batch_id', $batch->id)->orderByDesc('set_at')->value('word')
            : null;
    }

    /**
     * @param  array<string, StockLevel>  $stock  by product id
     * @return ?array{message: string, mend: string} where the shelf has less of it than is still to go in
     */
    private static function short(WeighedBatch $weighed, PlannedLine $line, array $stock): ?array
    {
        $level = $weighed->isByEye($line->key) || $weighed->isDone($line->key)
            ? null
            : $stock[Extra::productOf($line->key)] ?? null;
        $short = $level?->shortOf($line->label, $weighed->left($line->key));

        return $short === null ? null : ['message' => Say::words($short), 'mend' => Say::mend($short)];
    }

    /** @return array<string, mixed> */
    private function line(WeighedBatch $weighed, PlannedLine $line): array
    {
        $step = $weighed->plan->step;
        $band = $weighed->band($line->key);
        $poured = $weighed->poured[$line->key];

        return [
            'key' => $line->key,
            'label' => $line->label,
            'open' => $weighed->isByEye($line->key),
            'said' => $line->said,
            'part' => $line->part,
            'target' => match (true) {
                ! $weighed->isByEye($line->key) => $weighed->target($line->key)->show($step),
                $line->said !== '' => $line->said,
                default => 'by eye',
            },
            'planned' => $line->open || $line->target->equals($weighed->targets[$line->key])
                ? null
                : $line->target->show($step),
            'poured' => $poured->show($step),
            'left' => $weighed->left($line->key)->show($step),
            'started' => ! $poured->isZero(),
            'place' => $band->place($poured)->value,
            'done' => $weighed->isDone($line->key),
            'wedge' => $this->part($poured, $weighed->targetTotal()),
        ];
    }

    /**
     * What the live reader needs to turn a reading into "in", "left" and "where"; and the edges for the band.
     *
     * @return array<string, mixed>
     */
    private function live(WeighedBatch $weighed, PlannedLine $line): array
    {
        $band = $weighed->band($line->key);
        // The gauge ends a fifth beyond the target or just past the band, whichever is further.
        $full = $weighed->isByEye($line->key)
            ? Grams::ofCentigrams(max(10_000, 2 * $band->target->centigrams))
            : Grams::ofCentigrams(max(
                (int) ($band->target->centigrams * 6 / 5),
                2 * $band->high->centigrams - $band->target->centigrams,
            ));

        return [
            'from' => $weighed->expectedReading(),
            'already' => $weighed->poured[$line->key]->centigrams,
            'low' => $band->low->centigrams,
            'target' => $band->target->centigrams,
            'high' => $band->high->centigrams,
            'lowShown' => $band->low->show($weighed->plan->step),
            'highShown' => $band->high->show($weighed->plan->step),
            'lowAt' => $this->part($band->low, $full),
            'targetAt' => $this->part($band->target, $full),
            'highAt' => $this->part($band->high, $full),
            'full' => $full->centigrams,
            'whole' => max($weighed->targetTotal()->centigrams, $weighed->total()->centigrams),
            'in' => $weighed->total()->centigrams,
        ];
    }

    /**
     * Once everything is in: what the scale may show before it is asked what more that is.
     *
     * @return ?array<string, mixed>
     */
    private function watch(WeighedBatch $weighed): ?array
    {
        if ($weighed->live() === null) {
            return null;
        }
        $step = $weighed->plan->step;
        $same = Number::SameContent->centigrams();
        $all = [
            'lowAt' => 0.0,
            'targetAt' => 0.0,
            'highAt' => 0.0,
            'full' => 1,
            'whole' => max(1, $weighed->total()->centigrams),
        ];

        return $all + [
            'from' => $weighed->expectedReading(), 'already' => 0, 'low' => 0, 'target' => 0, 'high' => $same,
            'lowShown' => Grams::zero()->show($step), 'highShown' => Grams::ofCentigrams($same)->show($step),
            'in' => $weighed->total()->centigrams,
        ];
    }

    /** @return ?array<string, mixed> */
    private function over(WeighedBatch $weighed, Batch $batch): ?array
    {
        $over = OverPour::of($weighed);
        if ($over === null) {
            return null;
        }
        $step = $weighed->plan->step;
        $steer = resolve(SteeringRows::class)->of($batch, $weighed);

        return [
            'line' => $over->line->key,
            'label' => $over->line->label,
            'by' => $over->by->show($step),
            'keep' => [
                'total' => $over->total->show($step),
                'extra' => $over->extra->show($step),
                'toPour' => array_map(static fn (array $each): array => [
                    'label' => $each['line']->label,
                    'grams' => $each['grams']->show($step),
                    'topUp' => $each['topUp'],
                ], $over->toPour),
            ],
            'steer' => $steer === null ? null : [
                'total' => $steer->total->show($step),
                'extra' => $steer->extra->show($step),
                'toPour' => array_map(static fn (array $each): array => [
                    'label' => $each['line']->label,
                    'grams' => $each['grams']->show($step),
                    'topUp' => isset(
                        $weighed->poured[$each['line']->key]
                    ) && ! $weighed->poured[$each['line']->key]->isZero(),
                ], $steer->toPour),
                'changes' => $this->changes($over->planned, $steer->outcome, $weighed),
            ],
            'accept' => $this->changes($over->planned, $over->taken, $weighed),
        ];
    }

    /** @return list<array{what: string, planned: string, now: string}> */
    private function changes(Outcome $planned, Outcome $now, WeighedBatch $weighed): array
    {
        $step = $weighed->plan->step;
        $rows = [
            [
                'what' => Say::name('Total'),
                'planned' => $planned->total()->show($step),
                'now' => $now->total()->show($step),
            ],
            ['what' => Say::name('Ratio'), 'planned' => $planned->ratio() ?? '', 'now' => $now->ratio() ?? ''],
            [
                'what' => Say::name('Developer'),
                'planned' => $planned->developerStrength()?->show() ?? '',
                'now' => $now->developerStrength()?->show() ?? '',
            ],
            [
                'what' => Say::name('On the head'),
                'planned' => $planned->strengthOnHead()?->show() ?? '',
                'now' => $now->strengthOnHead()?->show() ?? '',
            ],
        ];
        foreach ($weighed->plan->lines as $line) {
            if ($line->part === 0) {
                $rows[] = [
                    'what' => Say::plain(':label in the colour', ['label' => $line->label]),
                    'planned' => $planned->percent($line->key).' %',
                    'now' => $now->percent($line->key).' %',
                ];
            }
        }

        return array_values(array_filter($rows, fn (array $row): bool => $row['planned'] !== $row['now']));
    }

    /** A share of a whole for drawing, 0 to 1. */
    private function part(Grams $grams, Grams $whole): float
    {
        return $whole->isZero() ? 0.0 : min(
            1.0,
            Fraction::of($grams->centigrams * 10_000, $whole->centigrams)->rounded(1, Rounding::HalfUp) / 10_000,
        );
    }
}
