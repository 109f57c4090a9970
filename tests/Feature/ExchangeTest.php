<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Exchange\ArchiveRefused;
use App\Exchange\ExportSalon;
use App\Exchange\ImportSalon;
use App\Exchange\SalonTables;
use App\Models\Shade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Opis\JsonSchema\Validator;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member(Role::Owner));
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit, [], $bowl = (string) Str::uuid())->assertCreated();
    $batch = $this->salon->startBatch($this, $bowl);
    $this->salon->record(
        $this,
        $batch,
        ['kind' => 'poured', 'line' => $this->salon->shades['6N']->productId(), 'grams' => '40', 'source' => 'hand'],
    )->assertCreated();
    Shade::query()
        ->whereKey($this->salon->shades['7G']->id)
        ->update(
            [
                'own' => json_encode(['level' => '7.5', 'tone' => ['gold' => '1.0']]),
                'name' => "two\nlines, „quoted“ \u{1F9F4}",
            ],
        );
    $this->photo = "photos/{$this->salon->salon->id}/".Str::uuid().'.jpg';
    $this->root = sys_get_temp_dir().'/tinta-exchange-'.Str::random(12);
    Storage::fake('local')->put($this->photo, random_bytes(2_000));
    DB::table('photos')->insert(
        [
            'id' => (string) Str::uuid(),
            'client_id' => $this->salon->client->id,
            'kind' => 'before',
            'file' => $this->photo,
            'width' => 1,
            'height' => 1,
            'note' => '',
            'taken_at' => now(),
            'taken_by' => auth()->id(),
        ],
    );
    $this->export = fn () => resolve(ExportSalon::class)($this->salon->salon->refresh(), "{$this->root}/out");
    $this->import = fn () => resolve(ImportSalon::class)("{$this->root}/out");
});

afterEach(fn () => File::deleteDirectory($this->root));

it('names every table there is: what belongs to a salon, what is left, and the log', function () {
    $tables = array_column(
        array_map(
            fn (object $row): array => (array) $row,
            DB::select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()'),
        ),
        'name',
    );
    expect(
        [...array_keys(SalonTables::BELONG), ...SalonTables::LEFT, SalonTables::LOG],
    )->toEqualCanonicalizing($tables);
});

it('refuses a salon where one is, and a folder that is not empty', function () {
    ($this->export)();
    expect($this->import)->toThrow(ArchiveRefused::class, 'There is a salon here already.')
        ->and($this->export)->toThrow(ArchiveRefused::class, 'is not empty');
});

it('takes no archive of a newer Tinta, and no folder that is none', function () {
    ($this->export)();
    $file = "{$this->root}/out/tinta.json";
    $told = json_decode((string) file_get_contents($file), true);
    foreach ([['migration' => '2099_01_01_000001_later'], ['format' => 2], ['format' => 'one']] as $change) {
        file_put_contents($file, json_encode($change + $told));
        expect($this->import)->toThrow(ArchiveRefused::class, 'written by a newer Tinta');
    }
    file_put_contents($file, '{"hello": 1}');
    expect($this->import)->toThrow(ArchiveRefused::class, "no salon of Tinta's");
    unlink($file);
    expect($this->import)->toThrow(ArchiveRefused::class, "no salon of Tinta's");
});

it('writes files that anybody can read', function () {
    $counts = ($this->export)();
    $told = json_decode((string) file_get_contents("{$this->root}/out/tinta.json"), true);
    expect($told)
        ->toMatchArray(['tinta' => 'salon', 'format' => 1, 'salon' => $this->salon->salon->name])
        ->and($told['rows'])
        ->toBe($counts);
    // Outside check: JSON Schema 2020-12 by opis/json-schema.
    $schema = json_decode((string) file_get_contents(base_path('docs/format/salon.schema.json')));
    expect(
        (new Validator)
            ->validate(json_decode((string) file_get_contents("{$this->root}/out/tinta.json")), $schema)
            ->isValid(),
    )->toBeTrue();
    $bowl = json_decode((string) file_get_contents("{$this->root}/out/data/bowls.jsonl"), true);
    expect($bowl['sheet']['ratio'])->toBe('1:1.5');
    expect(file_get_contents("{$this->root}/out/csv/visits.csv"))->toContain('Root')
        ->and(file_get_contents("{$this->root}/out/{$this->photo}"))->toBe(Storage::disk('local')->get($this->photo));
    // What opens a door today is not carried.
    expect(file_exists("{$this->root}/out/data/sessions.jsonl"))
        ->toBeFalse()
        ->and(file_exists("{$this->root}/out/data/invitations.jsonl"))
        ->toBeFalse();
});

it('gives all that is held on one client, and nothing of anybody else', function () {
    $other = App\Models\Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Somebody Else']);
    $answer = $this->get("/api/clients/{$this->salon->client->id}/all")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/json; charset=utf-8');
    expect((string) $answer->headers->get('Cache-Control'))->toContain('no-store');
    $told = json_decode((string) $answer->getContent(), true);
    expect($told['tinta'])->toBe('client')->and($told['rows']['clients'])->toHaveCount(1)
        ->and($told['rows']['bowls'][0]['sheet']['ratio'])->toBe('1:1.5')
        ->and(array_column($told['rows']['pours'], 'grams_cg'))->toContain(4_000)
        ->and(array_column($told['rows']['photos'], 'file'))->toBe([$this->photo])
        ->and($answer->getContent())->not->toContain('Somebody Else');
    expect(
        json_decode((string) $this->get("/api/clients/{$other->id}/all")->getContent(), true)['rows']['visits'],
    )->toBe([]);
    // That it was given is on the record.
    expect(
        DB::table('activity_log')->where('subject_id', $this->salon->client->id)->where('event', 'exported')->count(),
    )->toBe(1);
    $this->actingAs($this->salon->member(Role::Assistant));
    $this->get("/api/clients/{$this->salon->client->id}/all")->assertForbidden();
});
