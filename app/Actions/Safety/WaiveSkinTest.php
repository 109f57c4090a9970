<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Exceptions\VisitRefused;
use App\Formulas\SafetyRows;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Models\Waiver;
use Carbon\CarbonImmutable;

/** A licensed person's reason instead of a skin test, with name and licence on record. A reaction is never waived. */
final readonly class WaiveSkinTest
{
    public function __construct(private SafetyRows $safety)
    {
    }

    public function __invoke(TeamMember $member, Visit $visit, string $id, string $reason, CarbonImmutable $now): Visit
    {
        $existing = Waiver::query()->find($id);
        if ($existing !== null) {
            return $existing->visit_id === $visit->id ? $visit : throw VisitRefused::idTaken();
        }
        if ((string) $member->licence === '') {
            throw VisitRefused::notLicensed();
        }
        if (! $this->safety->gate($visit, $now)->waivable) {
            throw VisitRefused::notWaivable();
        }
        Waiver::query()->create(['id' => $id, 'visit_id' => $visit->id, 'team_member_id' => $member->id, 'licence' => $member->licence, 'reason' => $reason, 'made_at' => $now]);

        return $visit->unsetRelation('waivers');
    }
}
