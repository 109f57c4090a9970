<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\Salon;
use App\Models\TeamMember;
use App\Records\WriteContext;
use Illuminate\Database\DatabaseManager;

/** A new client of the salon, to be found at once; or a known one with other particulars. */
final readonly class SaveClient
{
    private const LEAST_REASON = 10;

    public function __construct(
        private DatabaseManager $database,
        private IndexClient $index,
        private WriteContext $context,
    ) {
    }

    /**
     * @param  ?string  $madeAs  id made by the device; sent twice, the first stands
     * @param  array<string, mixed>  $fields
     */
    public function add(TeamMember $member, Salon $salon, ?string $madeAs, array $fields, string $reason = ''): Client
    {
        return $this->database->transaction(function () use ($member, $salon, $madeAs, $fields, $reason): Client {
            $known = $madeAs === null ? null : Client::query()->where('made_as', $madeAs)->first();
            if ($known !== null) {
                return $known->salon_id === $salon->id ? $known : throw VisitRefused::idTaken();
            }
            if (($fields['training'] ?? false) === true) {
                $this->vouch($member, $reason);
            }
            $client = $salon->clients()->create($fields + ['made_as' => $madeAs])->refresh();
            ($this->index)($client);

            return $client;
        });
    }

    /** @param  array<string, mixed>  $fields */
    public function change(TeamMember $member, Client $client, int $version, array $fields, string $reason = ''): Client
    {
        return $this->database->transaction(function () use ($member, $client, $version, $fields, $reason): Client {
            $current = Client::query()->lockForUpdate()->findOrFail($client->id);
            $current->mustBeHere();
            if ($current->version !== $version) {
                throw EditedElsewhere::client($current);
            }
            $current->fill([...$fields, 'version' => $version + 1]);
            if ($current->isDirty('training') || $current->isDirty('born_on')) {
                $this->vouch($member, $reason);
            }
            $current->save();
            ($this->index)($current);

            return $current;
        });
    }

    /** Whether the gate asks at all, and how old somebody is, is answered for by name and with a reason. */
    private function vouch(TeamMember $member, string $reason): void
    {
        match (true) {
            ! $member->mayVouch() => throw VisitRefused::notVouched(),
            mb_strlen($reason) < self::LEAST_REASON => throw VisitRefused::reasonTooShort(),
            default => $this->context->because($reason),
        };
    }
}
