<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Actions\Clients\SaveClient;
use App\Models\Client;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/** Somebody comes in from the street and sits down: known or new, planned and received at once. */
final readonly class WalkIn
{
    public function __construct(
        private DatabaseManager $database,
        private SaveClient $clients,
        private PlanVisit $plan,
        private ReceiveClient $receive,
    ) {
    }

    /** @param  string  $name  of somebody new; not read where the client is known */
    public function __invoke(
        TeamMember $member,
        string $id,
        ?Client $client,
        string $name,
        string $service,
        CarbonImmutable $now,
    ): Visit {
        return $this->database->transaction(function () use ($member, $id, $client, $name, $service, $now): Visit {
            $client ??= $this->clients->add($member, $member->salon, $id, [
                'name' => $name, 'phone' => '', 'about' => '', 'cautions' => '', 'born_on' => null, 'training' => false,
            ]);

            return ($this->receive)(($this->plan)($member, $client, $id, $service, $now), $now);
        });
    }
}
