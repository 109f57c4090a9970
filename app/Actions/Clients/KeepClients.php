<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Enums\VisitStatus;
use App\Models\Client;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** How long the house keeps somebody after their last visit: who would go by a rule, before it does anything. */
final readonly class KeepClients
{
    private const SHOWN = 200;

    /**
     * @return array{count: int, clients: list<array{id: int, name: string, lastVisit: ?string}>} the longest away first
     */
    public function due(Salon $salon, int $years, CarbonImmutable $now): array
    {
        $due = $this->query($salon, $years, $now);
        $count = (clone $due)->count();
        $found = $due->withMax(
            ['visits' => fn ($visits) => $visits->where('status', VisitStatus::Closed)->reorder()],
            'starts_at',
        )
            ->orderBy('visits_max_starts_at')->orderBy('id')->limit(self::SHOWN)->get();

        return [
            'count' => $count,
            'clients' => array_values($found->map(fn (Client $client): array => [
                'id' => $client->id,
                'name' => $client->name,
                'lastVisit' => is_string($client->getAttribute('visits_max_starts_at'))
                    ? CarbonImmutable::parse($client->getAttribute('visits_max_starts_at'))->toIso8601String()
                    : null,
            ])->all()),
        ];
    }

    /**
     * @param  list<int>  $ids
     * @return list<Client> those of them who are due
     */
    public function dueOf(Salon $salon, int $years, array $ids, CarbonImmutable $now): array
    {
        return array_values($this->query($salon, $years, $now)->whereIn('id', $ids)->orderBy('id')->get()->all());
    }

    /** @return Builder<Client> nobody with a visit since, nobody with one ahead, nobody who was added since */
    private function query(Salon $salon, int $years, CarbonImmutable $now): Builder
    {
        $since = $now->subYears($years);

        return Client::query()
            ->where('salon_id', $salon->id)
            ->whereNull('erased_at')
            ->whereNull('merged_into_id')
            ->whereNull('practice_seed')
            ->where('training', false)
            // Who never had a visit counts from the day on which they were added.
            ->where(fn ($either) => $either->where('created_at', '<', $since)->orWhereHas('visits'))
            ->whereDoesntHave(
                'visits',
                fn ($visits) => $visits->where('starts_at', '>=', $since)->orWhereNotIn(
                    'status',
                    [VisitStatus::Closed, VisitStatus::Ended],
                ),
            );
    }
}
