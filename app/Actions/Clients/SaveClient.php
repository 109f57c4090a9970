<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Exceptions\EditedElsewhere;
use App\Models\Client;
use App\Models\Salon;
use Illuminate\Database\DatabaseManager;

/** A new client of the salon, to be found at once; or a known one with other particulars. */
final readonly class SaveClient
{
    public function __construct(private DatabaseManager $database, private IndexClient $index)
    {
    }

    /** @param  array<string, mixed>  $fields */
    public function add(Salon $salon, array $fields): Client
    {
        return $this->database->transaction(function () use ($salon, $fields): Client {
            $client = $salon->clients()->create($fields)->refresh();
            ($this->index)($client);

            return $client;
        });
    }

    /** @param  array<string, mixed>  $fields */
    public function change(Client $client, int $version, array $fields): Client
    {
        return $this->database->transaction(function () use ($client, $version, $fields): Client {
            $current = Client::query()->lockForUpdate()->findOrFail($client->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::client($current);
            }
            $current->fill([...$fields, 'version' => $version + 1])->save();
            ($this->index)($current);

            return $current;
        });
    }
}
