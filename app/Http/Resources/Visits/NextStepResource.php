<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Enums\VisitStatus;
use App\Formulas\ClockRows;
use App\Formulas\VisitTimes;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Service\BowlState;
use Core\Service\LeftOpen;
use Core\Service\NextStep;
use Core\Timing\ClockState;
use Core\Weighing\BatchStatus;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What needs a hand next in a visit, in words.
 *
 * @property Visit $resource
 */
final class NextStepResource extends JsonResource
{
    /** @return array{do: string, words: string, what: string, bowl: ?string, at: ?string} */
    public function toArray(?Request $request = null): array
    {
        $visit = $this->resource;
        if ($visit->status->isOver()) {
            return [
                'do' => 'read',
                'words' => Say::words(NextStep::closed()->fact),
                'what' => Say::words(NextStep::closed()->fact),
                'bowl' => null,
                'at' => null,
            ];
        }
        $times = resolve(VisitTimes::class)->of($visit);
        $step = NextStep::of(
            self::states($visit),
            $visit->status === VisitStatus::InChair,
            $times->next(),
            $times->now,
        );

        return [
            'do' => $step->do,
            'words' => Say::words($step->fact),
            'what' => Say::words($step->what),
            'bowl' => $step->letter === null ? null : ($times->ids[$step->letter]['bowl'] ?? null),
            'at' => $times->moment($step->at),
        ];
    }

    /** @return list<string> what a close would leave unfinished */
    public static function leftOpen(Visit $visit): array
    {
        return $visit->status->isOver() ? [] : Say::all(LeftOpen::of(self::states($visit)));
    }

    /** @return list<BowlState> */
    private static function states(Visit $visit): array
    {
        return array_values($visit->rounds
            ->flatMap(fn (Round $round) => $round->bowls)
            ->flatMap(fn (Bowl $bowl): array => [self::state($bowl, $visit), ...self::laterBatches($bowl, $visit)])
            ->all());
    }

    /** @return list<BowlState> of batches that went on by themselves, each with a clock of its own */
    private static function laterBatches(Bowl $bowl, Visit $visit): array
    {
        $states = [];
        foreach (
            $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)
                ->values()
                ->slice(1) as $at => $batch
        ) {
            $clock = resolve(ClockRows::class)->clock($bowl, $visit, CarbonImmutable::now(), batch: $batch->id);
            $states[] = new BowlState($bowl->id, trim($bowl->letter).($at + 1), false, true, $clock->state);
        }

        return $states;
    }

    private static function state(Bowl $bowl, Visit $visit): BowlState
    {
        return new BowlState(
            id: $bowl->id,
            letter: trim($bowl->letter),
            weighing: $bowl->batches->contains(fn (Batch $batch): bool => $batch->status->isOpen()),
            mixed: $bowl->batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished),
            clock: $bowl->stamps->isEmpty() ? ClockState::Waiting : resolve(ClockRows::class)->clock(
                $bowl,
                $visit,
                CarbonImmutable::now(),
            )->state,
        );
    }
}
