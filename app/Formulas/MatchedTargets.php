<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\Visit;

/** The target of a head that this one is to look like: of its latest visit in which something was wished. */
final readonly class MatchedTargets
{
    private const LOOKED_AT = 6;

    /**
     * @return list<array{client: int, name: string, how: string, visit: string, on: string, closed: bool, zones: list<array{id: string, name: string, wish: array{level: ?string, tone: list<string>, words: string}, came: ?array{level: ?string, tone: list<string>}}>}>
     */
    public function of(Visit $visit): array
    {
        $found = [];
        $matches = ClientMatch::of($visit->client_id)->with('client', 'other')->orderBy('id')->get();
        foreach ($matches as $match) {
            $other = $match->besides($visit->client);
            [$of, $zones] = $this->latest($other);
            if ($of !== null) {
                $found[] = [
                    'client' => $other->id, 'name' => $other->name, 'how' => $match->how, 'visit' => $of->id,
                    'on' => $of->starts_at->toIso8601String(),
                    'closed' => $of->status === VisitStatus::Closed, 'zones' => $zones,
                ];
            }
        }

        return $found;
    }

    /** @return array{?Visit, list<array{id: string, name: string, wish: array{level: ?string, tone: list<string>, words: string}, came: ?array{level: ?string, tone: list<string>}}>} */
    private function latest(Client $other): array
    {
        foreach (
            $other->visits()
                ->where('status', '!=', VisitStatus::Ended)
                ->with('canvas')
                ->limit(self::LOOKED_AT)
                ->get() as $visit
        ) {
            $zones = [];
            $came = array_column(
                array_filter(
                    $visit->results ?? [],
                    static fn (array $result): bool => ($result['strand'] ?? '') === '',
                ),
                null,
                'zone',
            );
            foreach ((array) ($visit->canvas->canvas['zones'] ?? []) as $zone) {
                $wish = (array) ($zone['wish'] ?? []);
                if (($wish['level'] ?? null) === null && ($wish['tone'] ?? []) === []) {
                    continue;
                }
                $result = $came[$zone['id']] ?? null;
                $zones[] = [
                    'id' => (string) $zone['id'], 'name' => (string) $zone['name'],
                    'wish' => [
                        'level' => $wish['level'] ?? null,
                        'tone' => array_values((array) ($wish['tone'] ?? [])),
                        'words' => (string) ($wish['words'] ?? ''),
                    ],
                    'came' => $result === null
                        ? null
                        : [
                            'level' => $result['level'] ?? null,
                            'tone' => array_values((array) ($result['tone'] ?? [])),
                        ],
                ];
            }
            if ($zones !== []) {
                return [$visit, $zones];
            }
        }

        return [null, []];
    }
}
