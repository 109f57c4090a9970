<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/** Plans a visit with its first, still empty round. */
final readonly class PlanVisit
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(
        TeamMember $member,
        Client $client,
        string $id,
        string $service,
        CarbonImmutable $startsAt,
    ): Visit {
        return $this->database->transaction(function () use ($member, $client, $id, $service, $startsAt): Visit {
            $existing = Visit::query()->lockForUpdate()->find($id);
            if ($existing !== null) {
                return $existing->client_id === $client->id ? $existing : throw VisitRefused::idTaken();
            }
            $client->mustBeHere();
            $visit = Visit::query()->create([
                'id' => $id, 'salon_id' => $client->salon_id, 'client_id' => $client->id, 'colourist_id' => $member->id,
                'service' => $service, 'status' => VisitStatus::Expected, 'starts_at' => $startsAt, 'note' => '',
            ]);
            Round::query()->create([
                'id' => (string) Str::uuid(),
                'visit_id' => $id,
                'position' => 1,
                'name' => 'Colour',
            ]);

            return $visit->refresh();
        });
    }
}
