<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Models\Client;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/**
 * Clients by the beginnings of words: any of their names, any piece of their phone number, a shade, a line or a
 * technique of their visits. Every word must be met. Each word is one range of the index, whatever the number of
 * clients.
 */
final readonly class FindClients
{
    private const MOST = 60;

    /** More than anybody reads; the index gives them in order, so the nearest are among them. */
    private const CANDIDATES = 400;

    public function __construct(private DatabaseManager $database)
    {
    }

    /**
     * @return list<array{id: int, name: string, about: string, cautions: string, lastVisit: ?string, by: list<string>}>
     */
    public function __invoke(Salon $salon, string $text): array
    {
        $words = array_map(self::asIndexed(...), array_slice(IndexClient::split(mb_substr($text, 0, 100)), 0, 6));
        // Sorted here: asked to sort, the database would rather walk all clients by name than look up a few.
        $clients = $words === []
            ? $salon->clients()
                ->whereNull('practice_seed')
                ->whereNull('erased_at')
                ->whereNull('merged_into_id')
                ->orderBy('name')
                ->limit(self::MOST)
                ->get()
            : $salon->clients()
                ->whereNull('practice_seed')
                ->whereNull('erased_at')
                ->whereNull('merged_into_id')
                ->whereIn('id', $this->meeting($salon, $words))
                ->get()
                ->sortBy(
                    'name',
                    SORT_NATURAL | SORT_FLAG_CASE,
                )->take(self::MOST)->values();
        $clients->loadMax(['visits' => fn ($visits) => $visits->where('status', 'closed')->reorder()], 'starts_at');
        $by = $words === [] ? [] : $this->foundBy(
            array_values($clients->map(fn (Client $client): int => $client->id)->all()),
            $words,
        );

        return array_values($clients->map(fn (Client $client): array => [
            'id' => $client->id, 'name' => $client->name, 'about' => $client->about, 'cautions' => $client->cautions,
            'lastVisit' => is_string($client->getAttribute('visits_max_starts_at'))
                ? CarbonImmutable::parse($client->getAttribute('visits_max_starts_at'))->toIso8601String()
                : null,
            'by' => $by[$client->id] ?? [],
        ])->all());
    }

    /**
     * One range of the index a word; what is met by all of them, in the order of the first word's index.
     *
     * @param  non-empty-list<string>  $words
     * @return list<int> client ids, no more than are looked at
     */
    private function meeting(Salon $salon, array $words): array
    {
        $range = 'SELECT client_id FROM client_words WHERE salon_id = ? AND word LIKE ?';
        $bindings = [];
        foreach ($words as $word) {
            array_push($bindings, $salon->id, $word.'%');
        }
        $sql = implode(' INTERSECT ', array_fill(0, count($words), $range)).' LIMIT '.self::CANDIDATES;

        return array_values(array_map(
            fn (object $row): int => (int) ((array) $row)['client_id'],
            $this->database->select($sql, $bindings),
        ));
    }

    /**
     * @param  list<int>  $clients
     * @param  non-empty-list<string>  $words
     * @return array<int, list<string>> what each was found by besides the name
     */
    private function foundBy(array $clients, array $words): array
    {
        $rows = $this->database->table('client_words')->whereIn('client_id', $clients)->where('kind', '!=', 'name')
            ->where(function ($any) use ($words): void {
                foreach ($words as $word) {
                    $any->orWhere('word', 'like', $word.'%');
                }
            })->orderBy('kind')->orderBy('word')->get(['client_id', 'kind', 'word']);
        $found = [];
        foreach ($rows as $row) {
            $found[(int) $row->client_id][] = "{$row->kind} {$row->word}";
        }

        return $found;
    }

    /** A piece of a phone number by its digits alone; every sign of a pattern as only itself. */
    private static function asIndexed(string $word): string
    {
        $digits = (string) preg_replace('/\D/', '', $word);

        return addcslashes(preg_match('/^[\d()+-]+$/', $word) === 1 && strlen($digits) >= 3 ? $digits : $word, '%_\\');
    }
}
