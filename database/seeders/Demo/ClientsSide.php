<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\Visits\KeepTemplate;
use App\Enums\VisitStatus;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\Consent;
use App\Models\Salon;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;

/**
 * What the demo's clients agreed to, how they want to be reached, who must match whom, and what they are to be told
 * today.
 */
final class ClientsSide
{
    /** How each is reached, in turn. */
    private const WAYS = ['mail', 'phone', 'message', 'mail', '', 'mail', 'phone'];

    /** Client, service, days from today, hour. */
    private const AHEAD = [
        ['Abena Owusu', 'First greys', 1, 9],
        ['Nadia Belmokhtar', 'Root and gloss', 1, 14],
        ['Tariq Mansour', 'Grey blending', 3, 10],
        ['Cressida Moon', 'Cool blonde', 4, 13],
    ];

    public function load(Salon $salon): void
    {
        $ines = TeamMember::query()->where('salon_id', $salon->id)->where('initials', 'IC')->firstOrFail();
        $team = TeamMember::query()
            ->where('salon_id', $salon->id)
            ->where('role', '!=', 'assistant')
            ->orderBy('id')
            ->get();
        $now = CarbonImmutable::now();
        foreach (
            $salon->clients()
                ->whereNull('practice_seed')
                ->where('training', false)
                ->orderBy('id')
                ->get()
                ->values() as $at => $client
        ) {
            [$first, $last] = [
                Str::slug(Str::before($client->name, ' ')),
                Str::slug(Str::afterLast($client->name, ' ')),
            ];
            $client->update([
                'contact_by' => self::WAYS[$at % count(self::WAYS)],
                'email' => $at % 4 === 2 ? '' : "{$first}.{$last}@mail.example",
                'preferred_id' => $at % 3 === 0 ? $team[$at % $team->count()]?->id : null,
            ]);
            $this->consents($client, $ines, $at, $now);
        }
        $this->match($salon, $ines, 'Anjali Rao', 'Meera Rao', 'twins');
        $this->ahead($salon, $now);
        foreach (
            [
                'Gwilym Pryce' => 'Grey cover, hairline first',
                'Imogen Castellan' => 'Fine foils, then toner',
            ] as $name => $service
        ) {
            $visit = $salon->clients()
                ->where('name', $name)
                ->first()
                ?->visits()
                ->where('status', VisitStatus::Closed)
                ->first();
            if ($visit !== null) {
                resolve(KeepTemplate::class)($visit, $service);
            }
        }
    }

    /** One in seven was never asked about photographs; one in five does not want to be written to. */
    private function consents(Client $client, TeamMember $by, int $at, CarbonImmutable $now): void
    {
        $said = $now->subDays(200 + 13 * $at);
        foreach (
            [
                'photographs' => $at % 7 !== 6 ? true : null,
                'health' => true,
                'messages' => $at % 5 !== 3,
            ] as $kind => $given
        ) {
            if ($given !== null) {
                Consent::query()->create([
                    'id' => self::id(
                        "{$client->name} {$kind}",
                    ), 'client_id' => $client->id, 'kind' => $kind, 'given' => $given,
                    'words' => $given
                        ? 'signed the sheet'
                        : 'would rather not', 'said_at' => $said, 'noted_by' => $by->id, 'noted_at' => $said,
                ]);
            }
        }
    }

    /** The days after today: nothing is planned yet but the hour. */
    private function ahead(Salon $salon, CarbonImmutable $now): void
    {
        foreach (self::AHEAD as $at => [$name, $service, $days, $hour]) {
            $client = $salon->clients()->where('name', $name)->first();
            if ($client === null || $client->visits()->whereNull('closed_at')->whereNull('ended_at')->exists()) {
                continue;
            }
            $last = $client->visits()->first();
            Visit::query()->create([
                'id' => self::id("ahead {$name}"), 'salon_id' => $salon->id, 'client_id' => $client->id,
                'colourist_id' => $last->colourist_id
                    ?? $salon->team()
                        ->firstOrFail()
                    ->id,
                'service' => $service, 'status' => VisitStatus::Expected,
                'starts_at' => $now->setTimezone($salon->timezone)
                    ->addDays($days)
                    ->setTime($hour, 30)
                    ->utc(), 'note' => '',
            ])->rounds()->create(['id' => self::id("ahead round {$name}"), 'position' => 1, 'name' => 'Colour']);
        }
    }

    private static function id(string $of): string
    {
        return (string) Uuid::uuid5(Uuid::NAMESPACE_OID, "tinta-demo-{$of}");
    }

    private function match(Salon $salon, TeamMember $by, string $one, string $other, string $how): void
    {
        $ids = $salon->clients()->whereIn('name', [$one, $other])->orderBy('id')->pluck('id')->all();
        if (count($ids) === 2) {
            ClientMatch::query()->create(
                [
                    'salon_id' => $salon->id,
                    'client_id' => $ids[0],
                    'other_id' => $ids[1],
                    'how' => $how,
                    'made_by' => $by->id,
                ],
            );
        }
    }
}
