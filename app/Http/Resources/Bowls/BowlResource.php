<?php

declare(strict_types=1);

namespace App\Http\Resources\Bowls;

use App\Enums\VisitStatus;
use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\PastUses;
use App\Formulas\SalonShelf;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Visit;
use App\Words\Say;
use Core\Advice\AmountAdvice;
use Core\CoreException;
use Core\Hair\Stroke;
use Core\Practice\HouseRules;
use Core\Record\DeriveBowl;
use Core\Shelf\Shelf;
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
        $rules = $visit->colourist->salon->rules();
        try {
            $sheet = $rows->sheet($bowl, $shelf);
            $worked = WorkedBowlResource::of($sheet, $shelf, $rules)->toArray();
            $place = implode('; ', array_map(fn (Stroke $stroke): string => $stroke->words(), $sheet->strokes));
            $about = $sheet->details->words();
            $problem = null;
        } catch (CoreException $refusal) {
            [$worked, $place, $about, $problem, $sheet] = [null, '', [], Say::refusal($refusal), null];
        }

        return [
            'id' => $bowl->id,
            'version' => $bowl->version,
            'letter' => trim($bowl->letter),
            'job' => $bowl->job,
            'line' => ['id' => "line-{$bowl->colour_line_id}", 'name' => $bowl->colourLine->name],
            'sheet' => $rows->json($bowl),
            'worked' => $worked,
            'problem' => $problem,
            'place' => $place,
            'about' => $about,
            'purpose' => $bowl->sheet['purpose'] ?? 'service',
            'trial' => $bowl->trial,
            'minutes' => $sheet?->minutesWords() ?? '',
            'note' => $bowl->sheet['note'] ?? '',
            'state' => $this->state($bowl),
            'clock' => (new ClockResource($bowl, $visit))->toArray(),
            'poured' => $this->poured($bowl, $rules, $shelf),
            'own' => $this->own($bowl, $visit, $rules),
            'from' => $bowl->from === null ? null : [
                'id' => $bowl->from->id,
                'letter' => trim($bowl->from->letter),
                'visit' => $bowl->from->round->visit_id,
                'on' => $bowl->from->round->visit->starts_at->toIso8601String(),
            ],
            'batches' => array_values($bowl->batches->map($this->batch(...))->all()),
        ];
    }

    /**
     * What this client's own bowls for the same job say about the amount, while it can still be changed; null without
     * any.
     *
     * @return ?array{colour: string, why: list<string>, alarms: list<string>}
     */
    private function own(Bowl $bowl, Visit $visit, HouseRules $rules): ?array
    {
        if ($visit->status === VisitStatus::Closed || $bowl->batches->isNotEmpty() || $visit->client->training) {
            return null;
        }
        $uses = resolve(PastUses::class)->of($bowl, $visit);
        if ($uses === []) {
            return null;
        }
        $advice = AmountAdvice::fromOwn($uses, $rules);

        return [
            'colour' => $advice->most->text(),
            'why' => Say::all($advice->why),
            'alarms' => Say::all($advice->alarms),
        ];
    }

    /**
     * What a bowl came to that was poured by eye, or into which something went beside the plan: its formula, in the
     * grams the scale saw.
     *
     * @return ?array<string, mixed>
     */
    private function poured(Bowl $bowl, HouseRules $rules, Shelf $shelf): ?array
    {
        $finished = $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished);
        try {
            $sheet = resolve(BowlRows::class)->sheet($bowl, $shelf);
            $poured = $finished->isEmpty() ? [] : resolve(BatchRows::class)->pouredInto($bowl);
            if ($poured === [] || ($sheet->bowl !== null && resolve(BatchRows::class)->addedInto($bowl) === [])) {
                return null;
            }

            return WorkedBowlResource::of(DeriveBowl::from($sheet, $poured, $shelf), $shelf, $rules)->toArray();
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
    private function batch(Batch $batch): array
    {
        return [
            'id' => $batch->id,
            'number' => $batch->number,
            'said' => $batch->plan['said'] ?? '',
            'at' => ($batch->finished_at ?? $batch->started_at)->toIso8601String(),
            'status' => $batch->status->value,
            'mixed' => $batch->mixed_cg->text(),
            'used' => $batch->status === BatchStatus::Finished ? $batch->used_cg->text() : null,
            'leftover' => $batch->status !== BatchStatus::Finished || $batch->used_cg->equals($batch->mixed_cg)
                ? null
                : Grams::ofCentigrams($batch->mixed_cg->centigrams - $batch->used_cg->centigrams)->text(),
        ];
    }
}
