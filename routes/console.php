<?php

declare(strict_types=1);

use App\Accounts\CanonicalEmail;
use App\Actions\Messages\SendByRule;
use App\Actions\Team\InviteMember;
use App\Actions\Visits\LearnFromVisit;
use App\Exchange\ArchiveRefused;
use App\Exchange\ExportSalon;
use App\Exchange\ImportSalon;
use App\Formulas\JudgeRows;
use App\Models\Photo;
use App\Models\Salon;
use App\Models\TeamMember;
use App\Photos\PhotosInRecord;
use App\Photos\PhotosOnDisk;
use App\Sealed\SealAnew;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;

// After an update: what closed visits teach follows from the record, by the model of this release.
Artisan::command('learn {--latest= : No more than so many, the latest of them}', function (LearnFromVisit $learn): void {
    $latest = $this->option('latest');
    $many = $learn->all(is_numeric($latest) ? max(1, (int) $latest) : null);
    $this->info("{$many} closed visits were learnt from.");
});

// ./tinta password ADDRESS: a link for a new password, for whoever stands at the machine.
Artisan::command('password:link {email}', function (InviteMember $invite): int {
    $email = CanonicalEmail::of((string) $this->argument('email'));
    $member = TeamMember::query()->where('email', $email)->whereNull('ended_at')->first();
    if ($member === null) {
        $this->error("Nobody who works here signs in as {$email}.");

        return 1;
    }
    [, $token] = $invite->again($member, $member);
    $this->line(rtrim((string) config('app.url'), '/')."/join/{$token}");

    return 0;
});

// ./tinta export DIR: a whole salon as open files.
Artisan::command('salon:export {folder} {--salon=}', function (ExportSalon $export): int {
    $named = $this->option('salon');
    $salons = Salon::query()
        ->when(is_string($named) && $named !== '', fn ($query) => $query->where('name', $named))
        ->get();
    if ($salons->count() !== 1) {
        $this->error(
            $salons->isEmpty()
                ? 'There is no such salon here.'
                : 'There are several salons here: name one, ./tinta export DIR "Name".',
        );

        return 1;
    }
    try {
        $counts = $export($salons->firstOrFail(), (string) $this->argument('folder'));
        $this->info(array_sum($counts).' rows of '.count(array_filter($counts)).' tables.');

        return 0;
    } catch (ArchiveRefused $refused) {
        $this->error($refused->getMessage());

        return 1;
    }
});

// ./tinta import DIR: takes it into an empty instance.
Artisan::command('salon:import {folder}', function (ImportSalon $import): int {
    try {
        $counts = $import((string) $this->argument('folder'));
        $this->info(array_sum($counts).' rows of '.count(array_filter($counts)).' tables.');

        return 0;
    } catch (ArchiveRefused $refused) {
        $this->error($refused->getMessage());

        return 1;
    }
});

// The first node of a cluster: pictures that this machine alone had are taken into the record.
Artisan::command('photos:gather', function (PhotosOnDisk $here, PhotosInRecord $everywhere): void {
    $taken = 0;
    foreach (Photo::query()->pluck('file') as $file) {
        $bytes = $everywhere->get((string) $file) === null ? $here->get((string) $file) : null;
        if ($bytes !== null) {
            $everywhere->put((string) $file, $bytes);
            $taken++;
        }
    }
    $this->info("{$taken} photographs were taken into the record.");
});

// ./tinta judge: how far off each closed visit was, foretold from what was known before it.
Artisan::command('judge', function (LearnFromVisit $learn, JudgeRows $judge): void {
    $learn->all();
    foreach (Salon::query()->orderBy('id')->get() as $salon) {
        $this->line("{$salon->name}: mean miss of the outlook over closed visits");
        $this->table(['foretold by', 'zones', 'levels', 'CIEDE2000'], array_map(
            static fn (string $by, array $miss): array => [$by, $miss['count'], $miss['levels'], $miss['seen'] ?? '–'],
            array_keys($judge->of($salon)),
            $judge->of($salon),
        ));
    }
});

// By the keeper, every few minutes: what the owner lets go out by itself.
Artisan::command('messages:send', function (SendByRule $send): void {
    $count = 0;
    foreach (Salon::query()->orderBy('id')->get() as $salon) {
        $count += $send($salon, CarbonImmutable::now());
    }
    $this->info("{$count} messages were handed to the mail server.");
});

// ./tinta new-key: what stands sealed is sealed anew by the first key.
Artisan::command('notes:seal', function (SealAnew $seal): void {
    $this->info("{$seal()} notes were sealed anew.");
});

// ./tinta doctor: how many notes no key opens.
Artisan::command('notes:lost', function (SealAnew $seal): void {
    $this->line((string) $seal->lost());
});
