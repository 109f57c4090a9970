<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\ContraindicationNote;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Safety\Contraindication;

/** Notes what speaks against colouring, and lifts it again with words on record. */
final class NoteContraindication
{
    public function note(TeamMember $member, Client $client, string $id, Contraindication $kind, string $words, CarbonImmutable $now): ContraindicationNote
    {
        $existing = ContraindicationNote::query()->find($id);
        if ($existing !== null) {
            return $existing->client_id === $client->id ? $existing : throw VisitRefused::idTaken();
        }

        return ContraindicationNote::query()->create(['id' => $id, 'client_id' => $client->id, 'kind' => $kind, 'note' => $words, 'noted_at' => $now, 'noted_by' => $member->id]);
    }

    /** @param  string  $clearance  what lifts it: who cleared it, or that it has healed */
    public function lift(TeamMember $member, ContraindicationNote $note, string $clearance, CarbonImmutable $now): ContraindicationNote
    {
        if ($note->lifted_at !== null) {
            throw VisitRefused::decided();
        }
        $note->fill(['lifted_at' => $now, 'lifted_by' => $member->id, 'clearance' => $clearance])->save();

        return $note;
    }
}
