<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Client;
use App\Models\TeamMember;
use App\Words\Say;
use Illuminate\Auth\Access\Response;

/** Another salon's client is as if it did not exist. */
final class ClientPolicy
{
    public function view(TeamMember $member, Client $client): Response
    {
        return $client->salon_id === $member->salon_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(TeamMember $member): Response
    {
        return self::formulating($member);
    }

    public function plan(TeamMember $member, Client $client): Response
    {
        return $client->salon_id === $member->salon_id ? self::formulating($member) : Response::denyAsNotFound();
    }

    public static function formulating(TeamMember $member): Response
    {
        return $member->role->formulates()
            ? Response::allow()
            : Response::deny(
                Say::plain('Assistants weigh and watch; planning, changing and closing is for colourists.'),
            );
    }
}
