<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Models\Client;
use App\Words\Say;
use Illuminate\Database\Eloquent\Builder;

/** Files that may be of the same person: the same name, the same telephone. */
final readonly class FindAlike
{
    private const MOST = 5;

    /** @return list<array{id: int, name: string, by: string}> */
    public function __invoke(Client $client): array
    {
        if ($client->erased_at !== null || $client->merged_into_id !== null || $client->training) {
            return [];
        }
        $digits = (string) preg_replace('/\D/', '', $client->phone);
        $here = fn (): Builder => Client::query()
            ->where('salon_id', $client->salon_id)
            ->whereKeyNot($client->id)
            ->whereNull('erased_at')
            ->whereNull('merged_into_id')
            ->where('training', false)
            ->orderBy('id')
            ->limit(self::MOST);
        // One after the other: each by its own index, however many clients there are.
        $found = $here()->where('name', $client->name)->get();
        if (strlen($digits) >= 6) {
            // Every end of a number is a word of the index: the whole one is its own longest.
            $found = $found->merge($here()->whereIn('id', fn ($ids) => $ids->select('client_id')->from('client_words')
                ->where('salon_id', $client->salon_id)
                ->where('kind', 'phone')
                ->where('word', mb_substr($digits, 0, 40)))->get())->sortBy('id')->take(self::MOST);
        }

        return array_values($found->map(static fn (Client $other): array => [
            'id' => $other->id,
            'name' => $other->name,
            'by' => $other->name === $client->name ? Say::name('the same name') : Say::name('the same telephone'),
        ])->all());
    }
}
