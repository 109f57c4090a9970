<?php

declare(strict_types=1);

namespace App\Actions\Photos;

use App\Enums\ConsentKind;
use App\Enums\PhotoKind;
use App\Exceptions\ClientRefused;
use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\Photo;
use App\Models\TeamMember;
use App\Photos\CleanPhoto;
use App\Photos\PhotoFiles;
use Carbon\CarbonImmutable;

/** Keeps a cleaned photograph outside the web root; only the team is ever shown it. */
final readonly class KeepPhoto
{
    public function __construct(private PhotoFiles $files)
    {
    }

    public function __invoke(
        TeamMember $member,
        Client $client,
        ?string $visit,
        string $id,
        PhotoKind $kind,
        string $note,
        string $bytes,
        CarbonImmutable $now,
    ): Photo {
        $existing = Photo::query()->find($id);
        if ($existing !== null) {
            return $existing->client_id === $client->id ? $existing : throw VisitRefused::idTaken();
        }
        $client->mustBeHere();
        // A practice head is nobody.
        if (! $client->training && $client->agreesTo(ConsentKind::Photographs) !== true) {
            throw ClientRefused::noConsent();
        }
        $clean = CleanPhoto::from($bytes);
        $file = "photos/{$client->salon_id}/{$id}.jpg";
        $this->files->put($file, $clean->jpeg);

        return Photo::query()->create([
            'id' => $id,
            'client_id' => $client->id,
            'visit_id' => $visit,
            'kind' => $kind,
            'file' => $file,
            'width' => $clean->width,
            'height' => $clean->height,
            'note' => $note, 'taken_at' => $now, 'taken_by' => $member->id,
        ]);
    }
}
