<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\NotHeld;
use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Timing\StampKind;
use Core\Weighing\BatchStatus;
use Illuminate\Database\DatabaseManager;

/**
 * A visit that was cancelled, to which nobody came, or that ended without colour. What was mixed for it stays on
 * record, and nothing is learned from it; where colour went on it is closed, with what came of it. It can be taken up
 * again.
 */
final readonly class EndVisit
{
    public function __construct(private DatabaseManager $database, private WaitingChanges $waiting)
    {
    }

    public function __invoke(Visit $visit, int $version, ?NotHeld $why, string $reason, CarbonImmutable $now): Visit
    {
        return $this->database->transaction(function () use ($visit, $version, $why, $reason, $now): Visit {
            $current = LockVisit::any($visit->id);
            match (true) {
                $current->version !== $version => throw EditedElsewhere::visit($current),
                $current->status === VisitStatus::Closed => throw VisitRefused::closed(),
                $why !== null && self::hasColourOn($current) => throw VisitRefused::alreadyUnderWay(),
                default => $current->fill([
                    'status' => match (true) {
                        $why !== null => VisitStatus::Ended,
                        $current->received_at !== null => VisitStatus::InChair,
                        default => VisitStatus::Expected,
                    },
                    'ended_reason' => $why === null ? '' : trim("{$why->value}: {$reason}", ': '),
                    'ended_at' => $why === null ? null : $now,
                    'version' => $version + 1,
                ])->save(),
            };
            $why === null ? $this->waiting->takeUp($current) : $this->waiting->release($current);

            return $current;
        });
    }

    private static function hasColourOn(Visit $visit): bool
    {
        return $visit->rounds->flatMap(fn (Round $round) => $round->bowls)->contains(
            fn (Bowl $bowl): bool => $bowl->batches->contains(fn (Batch $batch): bool => $batch->status->isOpen())
                || ($bowl->batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)
                    && $bowl->stamps->contains('kind', StampKind::Began) && ! $bowl->isSetAside()),
        );
    }
}
