<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
use App\Exceptions\VisitRefused;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/** Whether the colour of a closed visit lasted and covered: known at the next visit, and counted for this one. */
final readonly class SayLasted
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(
        TeamMember $member,
        Visit $visit,
        ?bool $lasting,
        ?bool $greyShown,
        ?int $weeks,
        CarbonImmutable $now,
    ): Visit {
        return $this->database->transaction(function () use (
            $member,
            $visit,
            $lasting,
            $greyShown,
            $weeks,
            $now
        ): Visit {
            $current = LockVisit::any($visit->id);
            if ($current->status !== VisitStatus::Closed) {
                throw VisitRefused::notClosedYet();
            }
            $current->fill([
                'lasting' => $lasting, 'grey_shown' => $greyShown, 'lasted_weeks' => $weeks,
                'lasted_said_by' => $member->id, 'lasted_said_at' => $now,
            ])->save();

            return $current;
        });
    }
}
