<?php

declare(strict_types=1);

use App\Models\Photo;
use App\Photos\CleanPhoto;
use Illuminate\Http\UploadedFile;
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
});

/** A JPEG with an EXIF block: turned on its side, with a maker and a place in it. */
function photoBytes(int $width, int $height, int $orientation = 1): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 200, 30, 30));
    ob_start();
    imagejpeg($image, null, 90);
    $jpeg = (string) ob_get_clean();
    $maker = "SECRET-CAMERA-52.1N\0";
    $tiff = 'II'.pack('vV', 42, 8).pack('v', 2).pack('vvVV', 0x010F, 2, strlen($maker), 38).pack(
        'vvVvv',
        0x0112,
        3,
        1,
        $orientation,
        0,
    ).pack('V', 0).$maker;
    $exif = "Exif\0\0".$tiff;

    return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
}

function upload(SmallSalon $salon, string $bytes, array $more = []): array
{
    return $more + [
        'id' => (string) Str::uuid(),
        'kind' => 'before',
        'note' => 'front',
        'photo' => UploadedFile::fake()->createWithContent('head.jpg', $bytes),
    ];
}

it('keeps the pixels upright and small, and nothing else of the file', function () {
    $bytes = photoBytes(3000, 2000, 6);
    expect($bytes)->toContain('SECRET-CAMERA');
    $made = $this->postJson("/api/clients/{$this->salon->client->id}/photos", upload($this->salon, $bytes))
        ->assertCreated()
        ->json();
    // Orientation 6 is lying on its right side: upright it is taller than wide.
    expect([$made['width'], $made['height']])->toBe([1066, 1600]);
    $kept = Storage::disk('local')->get(Photo::query()->findOrFail($made['id'])->file);
    expect($kept)->not->toContain('SECRET-CAMERA')->not->toContain("Exif\0\0")
        ->and(getimagesizefromstring($kept)[2])->toBe(IMAGETYPE_JPEG);
    // The red half was on the left; turned a quarter to the right it is on top.
    $image = imagecreatefromstring($kept);
    expect((imagecolorat($image, 500, 100) >> 16) & 255)->toBeGreaterThan(150)
        ->and((imagecolorat($image, 500, 1500) >> 16) & 255)->toBeLessThan(60);
});

it('shows it to the team only, and never from the web root', function () {
    $made = $this->postJson("/api/clients/{$this->salon->client->id}/photos", upload($this->salon, photoBytes(40, 30)))
        ->assertCreated()
        ->json();
    $this->get("/api/photos/{$made['id']}")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg')
        ->assertHeader('Cache-Control', 'no-store, private');
    expect(Photo::query()->findOrFail($made['id'])->file)->toStartWith('photos/')
        ->and(file_exists(public_path(Photo::query()->findOrFail($made['id'])->file)))->toBeFalse();
    $this->getJson("/api/clients/{$this->salon->client->id}")->assertJsonPath('photos.0.id', $made['id']);
    $this->actingAs((new SmallSalon)->member());
    $this->getJson("/api/photos/{$made['id']}")->assertNotFound();
    auth()->logout();
    $this->getJson("/api/photos/{$made['id']}")->assertUnauthorized();
});

it('keeps a photograph once, however often it is sent', function () {
    $id = (string) Str::uuid();
    foreach ([1, 2] as $time) {
        $this
            ->postJson(
                "/api/clients/{$this->salon->client->id}/photos",
                upload($this->salon, photoBytes(40, 30), ['id' => $id]),
            )
            ->assertCreated();
    }
    expect(Photo::query()->count())->toBe(1);
});

it('refuses what is no picture, and a visit that is not the client’s', function () {
    $path = "/api/clients/{$this->salon->client->id}/photos";
    foreach (['not a picture', '', "\xFF\xD8\xFF\xE0 broken", '<svg xmlns="http://www.w3.org/2000/svg"/>'] as $bytes) {
        $this->postJson($path, upload($this->salon, $bytes))->assertUnprocessable();
    }
    $this
        ->postJson($path, upload($this->salon, photoBytes(10, 10), ['visit' => (string) Str::uuid()]))
        ->assertNotFound();
    $this->postJson($path, upload($this->salon, photoBytes(10, 10), ['kind' => 'selfie']))->assertUnprocessable();
    expect(Photo::query()->count())->toBe(0)->and(Storage::disk('local')->allFiles())->toBe([]);
});

it('leaves a small picture its size', function (int $width, int $height) {
    $clean = CleanPhoto::from(photoBytes($width, $height));
    expect([$clean->width, $clean->height])->toBe([$width, $height]);
})->with([[1600, 900], [1, 1], [37, 1600]]);

/** A picture of one colour with a strip of paper beside it, under a light. */
function litPicture(array $hair, array $paper): string
{
    $image = imagecreatetruecolor(400, 300);
    imagefilledrectangle($image, 0, 0, 399, 299, (int) imagecolorallocate($image, ...$hair));
    imagefilledrectangle($image, 300, 0, 399, 299, (int) imagecolorallocate($image, ...$paper));
    ob_start();
    imagejpeg($image, null, 95);

    return (string) ob_get_clean();
}

it('reads the colour of a marked spot, names it as hair, and says how a result stands against the target', function () {
    $add = fn (string $kind, string $bytes): string => $this->postJson(
        "/api/clients/{$this->salon->client->id}/photos",
        upload($this->salon, $bytes, ['kind' => $kind]),
    )
        ->assertCreated()
        ->json('id');
    $target = $add('target', litPicture([160, 128, 96], [243, 243, 243]));
    $marked = $this->putJson(
        "/api/photos/{$target}/spot",
        ['x' => 0.3, 'y' => 0.5, 'radius' => 0.1, 'white' => ['x' => 0.88, 'y' => 0.5]],
    )
        ->assertOk()
        ->json('spot');
    expect($marked['tone'])->not->toBe([])->and((float) $marked['level'])->toBeGreaterThan(6.0)->toBeLessThan(9.0)
        ->and($marked['words'])->toStartWith("level {$marked['level']}, ")
        ->and($marked['sure'])->toStartWith('Against the white')->and($marked['match'])->toBe('');
    // The same hair under a yellow lamp: with its paper it is the same, without it nobody could say so surely.
    $after = $add('after', litPicture([160, 113, 62], [243, 215, 157]));
    $with = $this->putJson(
        "/api/photos/{$after}/spot",
        ['x' => 0.3, 'y' => 0.5, 'radius' => 0.1, 'white' => ['x' => 0.88, 'y' => 0.5]],
    )
        ->assertOk()
        ->json('spot');
    expect($with['match'])->toContain('as like as two photographs can tell');
    $without = $this->putJson("/api/photos/{$after}/spot", ['x' => 0.3, 'y' => 0.5, 'radius' => 0.1, 'white' => null])
        ->assertOk()
        ->json('spot');
    expect($without['sure'])->toStartWith('Nobody knows the light')->and($without['match'])->toContain('warmer');
    // It stands in the client's file, where it is looked up from.
    $kept = collect($this->getJson("/api/clients/{$this->salon->client->id}")->assertOk()->json('photos'))->keyBy('id');
    expect($kept[$target]['spot']['swatch'])
        ->toBe($marked['swatch'])
        ->and($kept[$after]['spot']['match'])
        ->toBe($without['match']);
});

it('refuses a mark that cannot be read, one outside the picture, and one by who may not plan', function () {
    $photo = $this->postJson(
        "/api/clients/{$this->salon->client->id}/photos",
        upload($this->salon, litPicture([255, 255, 255], [60, 40, 30])),
    )
        ->assertCreated()
        ->json('id');
    $at = "/api/photos/{$photo}/spot";
    $this->putJson($at, ['x' => 0.3, 'y' => 0.5, 'radius' => 0.1, 'white' => null])->assertUnprocessable()
        ->assertJson(['message' => 'This spot is so bright that the camera cut its colour off.']);
    $this->putJson(
        $at,
        ['x' => 0.88, 'y' => 0.5, 'radius' => 0.1, 'white' => ['x' => 0.88, 'y' => 0.5]],
    )->assertUnprocessable()
        ->assertJson(['message' => 'What was marked as white is dark.']);
    foreach ([['x' => 1.2], ['y' => 'left'], ['radius' => 3], ['white' => ['x' => 0.5]], ['white' => 'here']] as $bad) {
        $this->putJson($at, $bad + ['x' => 0.3, 'y' => 0.5, 'radius' => 0.1, 'white' => null])->assertUnprocessable();
    }
    expect(Photo::query()->findOrFail($photo)->spot)->toBeNull();
    $this->actingAs($this->salon->member(App\Enums\Role::Assistant))
        ->putJson($at, ['x' => 0.88, 'y' => 0.5, 'radius' => 0.1])
        ->assertForbidden();
    $this->actingAs((new SmallSalon)->member())
        ->putJson($at, ['x' => 0.88, 'y' => 0.5, 'radius' => 0.1])
        ->assertNotFound();
});
