<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\ProposalSource;
use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\Visit;
use Illuminate\Database\DatabaseManager;

/**
 * Takes a visit back that was planned, or repeated, by mistake: while nothing of it has happened. What was to change
 * next time waits again; who took it back is on record.
 */
final readonly class RemoveVisit
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Visit $visit, int $version): void
    {
        $this->database->transaction(function () use ($visit, $version): void {
            $current = LockVisit::open($visit->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::visit($current);
            }
            $bowls = $current->rounds->flatMap(fn (Round $round) => $round->bowls);
            $isHeld = $bowls->contains(fn (Bowl $bowl): bool => $bowl->wasBegun() || $bowl->stamps->isNotEmpty());
            if (
                $current->status !== VisitStatus::Expected || $isHeld || $current->waivers->isNotEmpty()
                || $this->database->table('photos')->where('visit_id', $current->id)->exists()
                || Visit::query()->where('from_visit_id', $current->id)->exists()
            ) {
                throw VisitRefused::alreadyUnderWay();
            }
            $proposals = Proposal::query()->where('visit_id', $current->id)->get();
            foreach ($proposals as $proposal) {
                $proposal->source === ProposalSource::Review && $proposal->copy_of === null
                    ? $proposal->fill(['visit_id' => null, 'bowl_id' => null])->save()
                    : $proposal->delete();
            }
            $bowls->each(fn (Bowl $bowl) => $bowl->delete());
            $current->rounds->each(fn (Round $round) => $round->delete());
            $current->canvas?->delete();
            $current->delete();
        });
    }
}
