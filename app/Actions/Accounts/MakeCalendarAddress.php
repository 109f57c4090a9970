<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Models\TeamMember;

/** A new address of a person's own calendar; the old one leads nowhere from then on. Only its hash is kept. */
final class MakeCalendarAddress
{
    public function __invoke(TeamMember $member): string
    {
        $token = bin2hex(random_bytes(20));
        $member->forceFill(['calendar_hash' => hash('sha256', $token)])->save();

        return $token;
    }
}
