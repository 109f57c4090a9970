<?php

declare(strict_types=1);

namespace App\Http\Resources\Bowls;

use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\ClockRows;
use App\Formulas\LineMinutes;
use App\Formulas\PouredBowls;
use App\Formulas\SalonShelf;
use App\Formulas\StockRows;
use App\Formulas\WrittenBowls;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Visit;
use App\Words\Say;
use Core\CoreException;
use Core\Hair\Stroke;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Timing\Side;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A bowl of a visit: what was planned, as typed and as worked, and what was weighed of it.
 *
 * @property Bowl $resource
 */
final class BowlResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $bowl = $this->resource;
        $visit = $bowl->round->visit;
        $rows = resolve(BowlRows::class);
        $shelf = resolve(SalonShelf::class)->forVisit($visit);
        $rules = $visit->rules();
        try {
            $sheet = $rows->sheet($bowl, $shelf);
            // Of what is mixed or over, the shelf need hold no more.
            $stock = $visit->status->isOver() || $bowl->batches->isNotEmpty()
                ? null
                : resolve(StockRows::class)->levels($visit->colourist->salon);
            $worked = WorkedBowlResource::of($sheet, $shelf, $rules, $stock)->toArray();
            $place = implode(
                '; ',
                array_map(
                    fn (Stroke $stroke): string => Say::nameAround(
                        $stroke->words(),
                        $stroke->note,
                        $stroke->width,
                        $stroke->hands,
                    ),
                    $sheet->strokes,
                ),
            );
            // What somebody wrote stays as they wrote it.
            $details = $sheet->details;
            $about = array_map(
                static fn (string $line): string => Say::nameAround(
                    $line,
                    $details->mark,
                    $details->until,
                    $details->treatment,
                ),
                $details->words(),
            );
            $problem = null;
        } catch (CoreException $refusal) {
            [$worked, $place, $about, $problem, $sheet] = [null, '', [], Say::refusal($refusal), null];
        }

        return [
            'id' => $bowl->id,
            'version' => $bowl->version,
            'letter' => trim($bowl->letter),
            'job' => $bowl->job,
            'line' => [
                'id' => "line-{$bowl->colour_line_id}",
                'name' => resolve(SalonShelf::class)
                    ->at($visit)
                    ->line("line-{$bowl->colour_line_id}")
                    ->name ?? $bowl->colourLine->name,
            ],
            'sheet' => $rows->json($bowl),
            'worked' => $worked,
            'problem' => $problem,
            'place' => $place,
            'about' => $about,
            'purpose' => $bowl->sheet['purpose'] ?? 'service',
            'trial' => $bowl->trial,
            'minutes' => $sheet?->minutesWords() ?? '',
            // Where nobody said how long, the line's own window holds.
            'ownMinutes' => self::minutes(resolve(LineMinutes::class)->of($bowl, $visit)),
            'note' => $bowl->sheet['note'] ?? '',
            'written' => resolve(WrittenBowls::class)->written($bowl, $visit),
            'state' => $this->state($bowl),
            'clock' => (new ClockResource($bowl, $visit))->toArray(),
            'sides' => array_map(fn (Side $side): array => [
                'side' => $side->value,
                'clock' => (new ClockResource($bowl, $visit, side: $side))->toArray(),
            ], resolve(ClockRows::class)->sides($bowl)),
            'poured' => $this->poured($bowl, $visit, $rules, $shelf),
            'from' => $bowl->from === null ? null : [
                'id' => $bowl->from->id,
                'letter' => trim($bowl->from->letter),
                'visit' => $bowl->from->round->visit_id,
                'on' => $bowl->from->round->visit->starts_at->toIso8601String(),
            ],
            'batches' => array_values($bowl->batches->values()->map(
                fn (Batch $batch, int $at): array => $this->batch($batch, $at, $bowl, $visit),
            )->all()),
        ];
    }

    /**
     * What the bowl came to, in the grams the scale saw, where that is not what was planned.
     *
     * @return ?array<string, mixed>
     */
    private function poured(Bowl $bowl, Visit $visit, HouseRules $rules, Shelf $shelf): ?array
    {
        $poured = resolve(PouredBowls::class)->sheet($bowl, $visit);
        try {
            return $poured === null ? null : WorkedBowlResource::of($poured, $shelf, $rules)->toArray();
        } catch (CoreException) {
            return null;
        }
    }

    /** One word for where the bowl stands. */
    private function state(Bowl $bowl): string
    {
        return match (true) {
            $bowl->batches->contains(fn (Batch $batch): bool => $batch->status->isOpen()) => 'weighing',
            $bowl->batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished) => 'mixed',
            default => 'planned',
        };
    }

    /** @return array<string, mixed> */
    private function batch(Batch $batch, int $at, Bowl $bowl, Visit $visit): array
    {
        return [
            'id' => $batch->id,
            'number' => $at + 1,
            // The first goes by the bowl's clock; each later one has its own.
            'clock' => $at === 0 || $batch->status !== BatchStatus::Finished
                ? null
                : (new ClockResource($bowl, $visit, $batch->id))->toArray(),
            'said' => $batch->plan['said'] ?? '',
            'reason' => $batch->status === BatchStatus::Discarded ? $batch->pours->last()?->reason : null,
            'at' => ($batch->finished_at ?? $batch->started_at)->toIso8601String(),
            'status' => $batch->status->value,
            'mixed' => ($batch->status->isOpen()
                ? resolve(BatchRows::class)->weighed($batch)->total()
                : $batch->mixed_cg)->text(),
            'used' => $batch->status === BatchStatus::Finished ? $batch->used_cg->text() : null,
            'leftover' => $batch->status !== BatchStatus::Finished || $batch->used_cg->equals($batch->mixed_cg)
                ? null
                : Grams::ofCentigrams($batch->mixed_cg->centigrams - $batch->used_cg->centigrams)->text(),
        ];
    }

    /** @param  array{min: int, target: int, max: int}  $window */
    private static function minutes(array $window): string
    {
        return "{$window['min']} to {$window['max']} min, {$window['target']} as a rule";
    }
}
