<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Actions\Visits\LockVisit;
use App\Exceptions\VisitRefused;
use App\Formulas\SafetyRows;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Models\Waiver;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/**
 * A licensed person's reason instead of a skin test, with name and licence on record. It stands for the lines that are
 * planned now; what is planned later asks anew. A reaction is never waived.
 */
final readonly class WaiveSkinTest
{
    public function __construct(private DatabaseManager $database, private SafetyRows $safety)
    {
    }

    public function __invoke(TeamMember $member, Visit $visit, string $id, string $reason, CarbonImmutable $now): Visit
    {
        return $this->database->transaction(function () use ($member, $visit, $id, $reason, $now): Visit {
            $current = LockVisit::any($visit->id);
            $existing = Waiver::query()->find($id);
            if ($existing !== null) {
                return $existing->visit_id === $visit->id ? $current : throw VisitRefused::idTaken();
            }
            $gate = $this->safety->gate($current, $now);
            match (true) {
                $current->status->isOver() => throw VisitRefused::closed(),
                ! $member->isLicensed() => throw VisitRefused::notLicensed(),
                ! $gate->waivable => throw VisitRefused::notWaivable(),
                default => Waiver::query()->create([
                    'id' => $id,
                    'visit_id' => $visit->id,
                    'team_member_id' => $member->id,
                    'licence' => $member->licence,
                    'reason' => $reason,
                    'lines' => array_map(strval(...), array_keys($gate->states)),
                    'made_at' => $now,
                ]),
            };

            return $current->unsetRelation('waivers');
        });
    }
}
