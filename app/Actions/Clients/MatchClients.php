<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Exceptions\ClientRefused;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\TeamMember;

/** Says that two heads are to look alike, and how; said again, the newer words stand. */
final readonly class MatchClients
{
    public function __invoke(TeamMember $by, Client $one, Client $other, string $how): ClientMatch
    {
        $one->mustBeHere();
        $other->mustBeHere();
        if ($one->id === $other->id) {
            throw ClientRefused::themselves();
        }

        return ClientMatch::query()->updateOrCreate(
            ['client_id' => min($one->id, $other->id), 'other_id' => max($one->id, $other->id)],
            ['salon_id' => $one->salon_id, 'how' => $how, 'made_by' => $by->id],
        );
    }
}
