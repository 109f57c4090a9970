<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Actions\Safety\AskGate;
use App\Enums\VisitStatus;
use App\Exceptions\VisitRefused;
use App\Formulas\ClockRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Stamp as StampRow;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Safety\Step;
use Core\Timing\Side;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Timing\StampRefused;
use Core\Weighing\BatchStatus;
use Illuminate\Database\DatabaseManager;

/** Marks a moment of a bowl on the hair. Oxidative colour is not begun while the gate is shut. */
final readonly class StampBowl
{
    public function __construct(private DatabaseManager $database, private ClockRows $clocks, private AskGate $gate)
    {
    }

    /**
     * @param  array{zone?: string, strand?: string, level_hundredths?: ?int}  $seen  of which strands, and their level
     */
    public function __invoke(
        TeamMember $member,
        Bowl $bowl,
        string $id,
        StampKind $kind,
        string $words,
        CarbonImmutable $now,
        ?string $batch = null,
        ?Side $side = null,
        int $minutes = 0,
        array $seen = [],
    ): Visit {
        return $this->database->transaction(function () use (
            $member,
            $bowl,
            $id,
            $kind,
            $words,
            $now,
            $batch,
            $side,
            $minutes,
            $seen
        ): Visit {
            $visit = LockVisit::any($bowl->round->visit_id);
            $existing = StampRow::query()->find($id);
            if ($existing !== null) {
                return $existing->bowl_id === $bowl->id ? $visit : throw VisitRefused::idTaken();
            }
            $current = Bowl::query()->findOrFail($bowl->id);
            if ($visit->status->isOver()) {
                throw VisitRefused::closed();
            }
            if (
                $batch !== null
                && ! $current->batches->contains(
                    fn (Batch $each): bool => $each->id === $batch
                    && $each->status === BatchStatus::Finished,
                )
            ) {
                throw VisitRefused::notMixed(trim($current->letter));
            }
            if ($kind === StampKind::Began) {
                ($this->gate)(Step::Begin, $current, $visit, CarbonImmutable::now());
            }
            if (
                $kind === StampKind::SetAside
                && ! $current->batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)
            ) {
                throw VisitRefused::notMixed(trim($current->letter));
            }
            if ($kind === StampKind::Began && $visit->status === VisitStatus::Expected) {
                // Who has colour on is in the chair, whether somebody pressed that or not.
                $visit->fill(['status' => VisitStatus::InChair, 'received_at' => $now])->save();
            }
            $this->assertOneWay($current, $visit, $batch, $side, $now);
            // The core refuses what contradicts the marks that stand.
            $this->clocks->clock(
                bowl: $current,
                visit: $visit,
                now: $now,
                more: new Stamp($kind, (int) $now->getTimestamp(), $minutes),
                batch: $batch,
                side: $side,
            );
            StampRow::query()->create([
                'id' => $id,
                'bowl_id' => $bowl->id,
                'batch_id' => $batch,
                'side' => $side->value ?? '',
                'sequence' => (int) $current->stamps->max('sequence') + 1,
                'kind' => $kind,
                'stamped_at' => $now,
                'minutes' => $minutes,
                'words' => $words,
                'team_member_id' => $member->id,
                ...$seen,
            ]);

            return $visit;
        });
    }

    /** Either its sides are timed, or the bowl as one; both at once would be two answers to one question. */
    private function assertOneWay(Bowl $bowl, Visit $visit, ?string $batch, ?Side $side, CarbonImmutable $now): void
    {
        $sides = $batch === null ? $this->clocks->sides($bowl) : [];
        if (
            $side !== null
            && $sides === []
            && $this->clocks->clock($bowl, $visit, $now, batch: $batch)->standing !== []
        ) {
            throw StampRefused::timedWhole();
        }
        if ($side === null && $batch === null && $this->standsApart($bowl, $visit, $sides, $now)) {
            throw StampRefused::timedApart();
        }
    }

    /** @param  list<Side>  $sides */
    private function standsApart(Bowl $bowl, Visit $visit, array $sides, CarbonImmutable $now): bool
    {
        foreach ($sides as $each) {
            if ($this->clocks->clock($bowl, $visit, $now, side: $each)->standing !== []) {
                return true;
            }
        }

        return false;
    }
}
