<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
use App\Exceptions\VisitRefused;
use App\Formulas\ClockRows;
use App\Formulas\SafetyRows;
use App\Models\Bowl;
use App\Models\Stamp as StampRow;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Judgement\Caution;
use Core\Judgement\LineKind;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Weighing\BatchStatus;
use Illuminate\Database\DatabaseManager;

/** Marks a moment of a bowl on the hair. Oxidative colour is not begun while the gate is shut. */
final readonly class StampBowl
{
    public function __construct(private DatabaseManager $database, private ClockRows $clocks, private SafetyRows $safety)
    {
    }

    public function __invoke(TeamMember $member, Bowl $bowl, string $id, StampKind $kind, string $words, CarbonImmutable $now): Visit
    {
        return $this->database->transaction(function () use ($member, $bowl, $id, $kind, $words, $now): Visit {
            $visit = Visit::query()->lockForUpdate()->findOrFail($bowl->round->visit_id);
            $existing = StampRow::query()->find($id);
            if ($existing !== null) {
                return $existing->bowl_id === $bowl->id ? $visit : throw VisitRefused::idTaken();
            }
            $current = Bowl::query()->findOrFail($bowl->id);
            if ($visit->status === VisitStatus::Closed) {
                throw VisitRefused::closed();
            }
            if ($kind === StampKind::Began) {
                $this->assertMayBegin($current, $visit, $now);
            }
            // The core refuses what contradicts the marks that stand.
            $this->clocks->clock($current, $visit, $now, new Stamp($kind, (int) $now->getTimestamp()));
            StampRow::query()->create([
                'id' => $id, 'bowl_id' => $bowl->id, 'sequence' => (int) $current->stamps->max('sequence') + 1, 'kind' => $kind, 'stamped_at' => $now,
                'words' => $words, 'team_member_id' => $member->id,
            ]);

            return $visit;
        });
    }

    private function assertMayBegin(Bowl $bowl, Visit $visit, CarbonImmutable $now): void
    {
        $kind = LineKind::tryFrom($bowl->colourLine->kind) ?? LineKind::Permanent;
        if (! $kind->isOxidative()) {
            return;
        }
        if (! $bowl->batches->contains(fn ($batch): bool => $batch->status === BatchStatus::Finished)) {
            throw VisitRefused::notMixed(trim($bowl->letter));
        }
        $gate = $this->safety->gate($visit, $now);
        if (! $gate->isOpen()) {
            throw VisitRefused::gateShut(implode(' ', array_map(fn (Caution $caution): string => $caution->reason, $gate->reasons)));
        }
    }
}
