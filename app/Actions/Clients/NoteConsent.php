<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Photos\RemovePhoto;
use App\Enums\ConsentKind;
use App\Exceptions\ClientRefused;
use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\Consent;
use App\Models\ContraindicationNote;
use App\Models\SkinTest;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;

/**
 * Notes what a client agreed to or took back. What was kept on an agreement that is taken back goes with it:
 * photographs are removed, and the words of health notes; that something speaks against colouring stays, because
 * forgetting it can hurt.
 */
final readonly class NoteConsent
{
    public function __construct(private RemovePhoto $remove)
    {
    }

    public function __invoke(
        TeamMember $by,
        Client $client,
        string $id,
        ConsentKind $kind,
        bool $given,
        string $words,
        CarbonImmutable $said,
        CarbonImmutable $now,
    ): Consent {
        $current = Client::query()->lockForUpdate()->findOrFail($client->id);
        $current->mustBeHere();
        $known = Consent::query()->find($id);
        if ($known !== null) {
            return $known->client_id === $client->id ? $known : throw VisitRefused::idTaken();
        }
        $latest = Consent::query()
            ->where('client_id', $client->id)
            ->where('kind', $kind)
            ->orderByDesc('said_at')
            ->orderByDesc('noted_at')
            ->first();
        if ($latest !== null && $latest->said_at->greaterThan($said->startOfSecond())) {
            throw ClientRefused::saidEarlier();
        }
        // Two that are said in one moment keep the order in which they were noted.
        $noted = $latest !== null && ! $now->greaterThan($latest->noted_at)
            ? $latest->noted_at->addMillisecond()
            : $now;
        $consent = Consent::query()->create([
            'id' => $id, 'client_id' => $client->id, 'kind' => $kind, 'given' => $given, 'words' => $words,
            'said_at' => $said, 'noted_by' => $by->id, 'noted_at' => $noted,
        ]);
        if (! $given) {
            $this->let($current, $kind);
        }

        return $consent;
    }

    private function let(Client $client, ConsentKind $kind): void
    {
        if ($kind === ConsentKind::Photographs) {
            foreach ($client->photos as $photo) {
                ($this->remove)($photo);
            }
        }
        if ($kind === ConsentKind::Health) {
            if ($client->cautions !== '') {
                $client->update(['cautions' => '', 'version' => $client->version + 1]);
            }
            $client->contraindications->each(
                fn (ContraindicationNote $note) => $note->update(
                    ['note' => '', 'clearance' => $note->clearance === '' ? '' : 'cleared'],
                ),
            );
            $client->skinTests->each(fn (SkinTest $test) => $test->update(['note' => '']));
        }
    }
}
