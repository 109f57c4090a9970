<?php

declare(strict_types=1);

use App\Exceptions\MachineTrouble;
use App\Http\Middleware\WriteOnce;
use App\Models\Photo;
use App\Photos\PhotoFiles;
use App\Photos\PhotosInRecord;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    Storage::fake('local');
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $this->postJson(
        "/api/clients/{$this->salon->client->id}/consents",
        ['id' => (string) Str::uuid(), 'kind' => 'photographs', 'given' => true],
    )->assertCreated();
    $this->photo = fn (string $id) => $this->post("/api/clients/{$this->salon->client->id}/photos", [
        'id' => $id, 'kind' => 'before', 'note' => '', 'photo' => UploadedFile::fake()->image('head.jpg', 60, 40),
    ], ['Accept' => 'application/json']);
});

it('keeps the pictures of a cluster in the record, shows them from there, and takes them away with their row', function () {
    app()->bind(PhotoFiles::class, PhotosInRecord::class);
    $id = (string) Str::uuid();
    ($this->photo)($id)->assertCreated();
    expect(Storage::disk('local')->allFiles())->toBe([])->and(DB::table('photo_files')->count())->toBe(1);
    $shown = $this->get("/api/photos/{$id}")->assertOk();
    expect(getimagesizefromstring((string) $shown->getContent()))->toMatchArray([60, 40]);
    $this->deleteJson("/api/photos/{$id}", ['reason' => 'blurred'])->assertOk();
    expect(DB::table('photo_files')->count())->toBe(0);
});

it('takes the pictures that one machine had into the record, once', function () {
    $id = (string) Str::uuid();
    ($this->photo)($id)->assertCreated();
    $bytes = Storage::disk('local')->get(Photo::query()->findOrFail($id)->file);
    $this->artisan('photos:gather')->expectsOutput('1 photographs were taken into the record.');
    $this->artisan('photos:gather')->expectsOutput('0 photographs were taken into the record.');
    app()->bind(PhotoFiles::class, PhotosInRecord::class);
    expect($this->get("/api/photos/{$id}")->assertOk()->getContent())->toBe($bytes);
});

/** As the database says it, with its own number. */
function databaseSays(?int $code, string $words = 'refused'): PDOException
{
    $failure = new PDOException($words);
    $failure->errorInfo = $code === null ? null : ['HY000', $code, $words];

    return $failure;
}

// The numbers are the server's own: 1047 of a node that has lost the others, 1180 of a write that the group did not
// take, 1205 of one that waits for them, 1213 of a race that was lost.
it('sends whoever asks to another machine where this one has lost the others', function (int $code, ?int $status) {
    $asked = new QueryException('mariadb', 'select 1', [], databaseSays($code));
    expect(MachineTrouble::of($asked)[0] ?? null)->toBe($status);
})->with([
    [1047, 503], [1180, 503], [1205, 503], [1213, 503], [2002, 503], [2006, 503], [1021, 507], [1064, null],
    [1062, null],
]);

it('does a write anew that another machine was sooner with, and none that has failed', function () {
    expect(WriteOnce::lostRace(databaseSays(1213)))->toBeTrue()
        // The whole transaction was taken away before it came to its commit: nothing of it stands.
        ->and(WriteOnce::lostRace(databaseSays(null, 'There is no active transaction')))->toBeTrue()
        ->and(WriteOnce::lostRace(new RuntimeException('again', 0, databaseSays(1213))))->toBeTrue()
        ->and(WriteOnce::lostRace(databaseSays(1047)))->toBeFalse()
        ->and(WriteOnce::lostRace(databaseSays(null, 'could not find driver')))->toBeFalse();
});
