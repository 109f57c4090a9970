<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Actions\Visits\LockVisit;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Bowl;
use App\Models\Round;
use Illuminate\Database\DatabaseManager;

/** Moves a bowl to a place in a round of its visit; the others make room. */
final readonly class ArrangeBowl
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /** @param  int  $place  from 0 */
    public function __invoke(Bowl $bowl, int $version, Round $to, int $place): Bowl
    {
        return $this->database->transaction(function () use ($bowl, $version, $to, $place): Bowl {
            $visit = LockVisit::any($bowl->round->visit_id);
            $current = Bowl::query()->lockForUpdate()->findOrFail($bowl->id);
            match (true) {
                $visit->status->isOver() => throw VisitRefused::closed(),
                $to->visit_id !== $visit->id => throw VisitRefused::idTaken(),
                $current->version !== $version => throw EditedElsewhere::bowl($current),
                default => null,
            };
            $ids = Bowl::query()->where('round_id', $to->id)->where(
                'id',
                '!=',
                $current->id,
            )->orderBy('position')->pluck('id')->all();
            array_splice($ids, max(0, min($place, count($ids))), 0, [$current->id]);
            foreach ($ids as $at => $id) {
                // The others only make room; where this one went stands in the record.
                $id === $current->id
                    ? $current->fill(['round_id' => $to->id, 'position' => $at + 1, 'version' => $version + 1])->save()
                    : Bowl::query()->whereKey($id)->update(['position' => $at + 1]);
            }

            return $current->unsetRelation('round');
        });
    }
}
