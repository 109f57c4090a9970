<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\TeamMember;
use App\Models\Visit;
use Illuminate\Auth\Access\Response;

/** Another salon's visit is as if it did not exist. */
final class VisitPolicy
{
    public function view(TeamMember $member, Visit $visit): Response
    {
        return $visit->salon_id === $member->salon_id ? Response::allow() : Response::denyAsNotFound();
    }

    /** Plan, change, close, repeat. */
    public function formulate(TeamMember $member, Visit $visit): Response
    {
        return match (true) {
            $visit->salon_id !== $member->salon_id => Response::denyAsNotFound(),
            // Whoever practises formulates.
            $visit->client->practice_of === $member->id => Response::allow(),
            default => ClientPolicy::formulating($member),
        };
    }

    /** Receive the client, weigh bowls: everybody on the team. */
    public function attend(TeamMember $member, Visit $visit): Response
    {
        return $this->view($member, $visit);
    }
}
