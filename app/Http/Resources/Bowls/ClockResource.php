<?php

declare(strict_types=1);

namespace App\Http\Resources\Bowls;

use App\Formulas\ClockRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Stamp;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Shelf\LineKind;
use Core\Timing\ClockState;
use Core\Timing\Freshness;
use Core\Timing\Side;
use Core\Timing\StampKind;
use Core\Weighing\BatchStatus;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A bowl's clock: moments in server time, so that every device counts to the same ones.
 *
 * @property Bowl $resource
 */
final class ClockResource extends JsonResource
{
    /** @param  ?string  $batch  of a batch that has a clock of its own; null for the bowl's */
    public function __construct(
        Bowl $bowl,
        private readonly Visit $visit,
        private readonly ?string $batch = null,
        private readonly ?Side $side = null,
    ) {
        parent::__construct($bowl);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $clock = resolve(ClockRows::class)->clock(
            $this->resource,
            $this->visit,
            CarbonImmutable::now(),
            batch: $this->batch,
            side: $this->side,
        );
        $moment = fn (?int $second): ?string => $second === null
            ? null
            : CarbonImmutable::createFromTimestamp($second)->toIso8601String();

        return [
            'state' => $clock->state->value,
            'stale' => $clock->state === ClockState::Waiting && $this->batch === null && $this->side === null
                ? $this->stale()
                : null,
            'from' => $moment($clock->from),
            'due' => $moment($clock->due),
            'over' => $moment($clock->over),
            'applied' => $clock->applied,
            'processed' => $clock->processed,
            'longest' => $clock->longest,
            'checks' => $clock->checks,
            // Marks that were taken back are gone.
            'stamps' => array_values(collect($this->standing())->map(fn (Stamp $stamp): array => [
                'kind' => $stamp->kind->value,
                'at' => $stamp->stamped_at->toIso8601String(),
                'words' => $stamp->words,
                'minutes' => $stamp->minutes,
                'by' => $stamp->teamMember->initials,
            ])->all()),
        ];
    }

    /** @return list<Stamp> */
    private function standing(): array
    {
        $standing = [];
        foreach (
            $this->resource->stamps->where('batch_id', $this->batch)->where('side', $this->side->value ?? '') as $stamp
        ) {
            $stamp->kind === StampKind::Undone ? array_pop($standing) : $standing[] = $stamp;
        }

        return $standing;
    }

    /** Minutes since it was mixed, where that is longer than oxidative colour stays fresh; null else. */
    private function stale(): ?int
    {
        $kind = LineKind::tryFrom($this->resource->colourLine->kind) ?? LineKind::Permanent;
        $mixed = $this->resource->batches
            ->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)
            ->max('finished_at');
        $minutes = $mixed instanceof CarbonImmutable ? (int) $mixed->diffInMinutes(CarbonImmutable::now()) : 0;

        return $this->visit->status->isOver() ? null : Freshness::stale(
            $kind,
            $minutes,
            $this->visit->rules(),
        );
    }
}
