<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\ContraindicationNote;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Safety\Contraindication;
use Illuminate\Database\DatabaseManager;

/** Notes what speaks against colouring, and lifts it again: a licensed person, with a reason, on record. */
final readonly class NoteContraindication
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function note(
        TeamMember $member,
        Client $client,
        string $id,
        Contraindication $kind,
        string $words,
        CarbonImmutable $now,
    ): ContraindicationNote {
        return $this->database->transaction(function () use (
            $member,
            $client,
            $id,
            $kind,
            $words,
            $now
        ): ContraindicationNote {
            $existing = ContraindicationNote::query()->lockForUpdate()->find($id);
            if ($existing !== null) {
                return $existing->client_id === $client->id ? $existing : throw VisitRefused::idTaken();
            }

            $client->mustBeHere();

            return ContraindicationNote::query()->create([
                'id' => $id,
                'client_id' => $client->id,
                'kind' => $kind,
                'note' => $words,
                'noted_at' => $now,
                'noted_by' => $member->id,
            ]);
        });
    }

    /** @param  string  $clearance  what lifts it: who cleared it, or that it has healed */
    public function lift(
        TeamMember $member,
        ContraindicationNote $note,
        string $clearance,
        CarbonImmutable $now,
    ): ContraindicationNote {
        return $this->database->transaction(function () use ($member, $note, $clearance, $now): ContraindicationNote {
            $current = ContraindicationNote::query()->lockForUpdate()->findOrFail($note->id);
            match (true) {
                $current->lifted_at !== null => throw VisitRefused::decided(),
                ! $member->isLicensed() => throw VisitRefused::notLicensed(),
                default => $current->fill([
                    'lifted_at' => $now,
                    'lifted_by' => $member->id,
                    'clearance' => $clearance,
                ])->save(),
            };

            return $current;
        });
    }
}
