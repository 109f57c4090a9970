<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Actions\Clients\FindClients;
use App\Enums\VisitStatus;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\ServiceTemplate;
use App\Models\Visit;
use Core\Codec\WriteBowl;

/** Bowls to take with one press, as they were poured: of this client's last visit, or of another client's. */
final readonly class BowlsToTake
{
    private const CLIENTS = 3;

    private const BOWLS = 12;

    public function __construct(
        private FindClients $find,
        private PouredBowls $poured,
        private BowlRows $rows,
        private WrittenBowls $written,
        private SalonShelf $shelves,
    ) {
    }

    /**
     * @param  string  $of  words another client is found by; empty for this one
     * @return list<array<string, mixed>>
     */
    public function for(Visit $visit, string $of): array
    {
        $before = $of === '' ? $visit->before() : null;
        $found = [];
        foreach ($of === '' ? array_filter([$before]) : $this->lastOf($visit, $of) as $past) {
            foreach ($past->rounds->flatMap(fn (Round $round) => $round->bowls) as $bowl) {
                $found[] = $this->one($bowl, $past);
            }
        }

        return array_slice($found, 0, self::BOWLS);
    }

    /** @return list<array{id: int, name: string, bowls: int}> services of the house */
    public function services(Visit $visit): array
    {
        return array_values(ServiceTemplate::query()->where(
            'salon_id',
            $visit->salon_id,
        )->orderBy('name')->get()->map(fn (ServiceTemplate $template): array => [
            'id' => $template->id,
            'name' => $template->name,
            'bowls' => array_sum(array_map(static fn (array $round): int => count($round['bowls']), $template->rounds)),
        ])->all());
    }

    /**
     * @return list<array{id: string, name: string, sheet: array<string, mixed>}> the latest of each blend, as a bowl of
     *     its line: a proportion, until somebody says how much
     */
    public function blends(Visit $visit): array
    {
        $shelf = $this->shelves->forVisit($visit);
        $found = [];
        foreach (
            $visit->colourist->salon->houseBlends()
                ->orderBy('name')
                ->orderByDesc('version')
                ->get()
                ->unique('name') as $blend
        ) {
            $line = $shelf->line("line-{$blend->colour_line_id}");
            $developer = $line === null ? null : $shelf->usualDeveloper($line);
            if ($line === null) {
                continue;
            }
            $colour = ['ingredients' => [['blend' => $blend->name, 'version' => $blend->version, 'share' => 'all']]];
            $found[] = [
                'id' => "{$blend->name} {$blend->version}",
                'name' => $blend->name,
                'sheet' => [
                    'letter' => 'A', 'job' => $blend->name, 'line' => $line->id, 'ratio' => $line->ratio->show(),
                    'amount' => null,
                    'parts' => $developer === null
                        ? [$colour]
                        : [$colour, ['ingredients' => [['product' => $developer->id, 'share' => 'all']]]],
                    'additives' => [], 'place' => [], 'minutes' => null, 'note' => '',
                ],
            ];
        }

        return $found;
    }

    /** @return list<Visit> the last closed visit of each client who is found */
    private function lastOf(Visit $visit, string $of): array
    {
        $clients = array_slice(($this->find)($visit->colourist->salon, $of), 0, self::CLIENTS);

        return array_values(array_filter(array_map(
            fn (array $client): ?Visit => Visit::query()->where('client_id', $client['id'])
                ->where('status', VisitStatus::Closed)->latest('starts_at')->first(),
            $clients,
        )));
    }

    /** @return array<string, mixed> */
    private function one(Bowl $bowl, Visit $past): array
    {
        $sheet = $this->poured->sheet($bowl, $past);

        return [
            'id' => $bowl->id,
            'client' => $past->client->name,
            'on' => $past->starts_at->toIso8601String(),
            'letter' => trim($bowl->letter),
            'job' => $bowl->job,
            'written' => $this->written->written($bowl, $past),
            // What was poured, where that is not what was planned.
            'sheet' => $sheet === null ? $this->rows->json($bowl) : WriteBowl::toArray($sheet),
        ];
    }
}
