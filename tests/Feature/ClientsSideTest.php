<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Exchange\ExportOne;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\Visit;
use App\Sealed\Seal;
use App\Sealed\SealAnew;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    Storage::fake('local');
    $this->salon = new SmallSalon;
    $this->owner = $this->salon->member(Role::Owner);
    $this->actingAs($this->owner);
    $this->client = $this->salon->client;
    $this->fields = fn (array $change = []): array => [
        'version' => $this->client->refresh()
            ->version, 'name' => 'Oda Marsh', 'phone' => '0555 7788', 'about' => '',
        'cautions' => 'Nettle rash in spring.', ...$change,
    ];
    $this->write = fn (array $change = []) => $this->putJson(
        "/api/clients/{$this->client->id}",
        ($this->fields)($change),
    );
    $this->agree = fn (string $kind, bool $given = true, array $more = []) => $this->postJson(
        "/api/clients/{$this->client->id}/consents",
        ['id' => (string) Str::uuid(), 'kind' => $kind, 'given' => $given, ...$more],
    );
    $this->photo = fn () => $this->postJson(
        "/api/clients/{$this->client->id}/photos",
        ['id' => (string) Str::uuid(), 'kind' => 'before', 'photo' => UploadedFile::fake()->image('head.jpg', 8, 8)],
    );
    $this->erase = fn (array $change = []) => $this->postJson(
        "/api/clients/{$this->client->id}/erase",
        [
            'name' => $this->client->refresh()->name,
            'reason' => 'asked for it by letter',
            'password' => 'a-long-password',
            ...$change,
        ],
    );
    // Every cell of every table, as a thief of the database would read it.
    $this->anywhere = function (string $needle): array {
        $found = [];
        foreach (
            DB::select(
                "SELECT table_name AS t, column_name AS c FROM information_schema.columns WHERE table_schema = DATABASE() AND data_type IN ('varchar', 'text', 'longtext', 'char')",
            ) as $cell
        ) {
            if (DB::table($cell->t)->where($cell->c, 'like', "%{$needle}%")->exists()) {
                $found[] = "{$cell->t}.{$cell->c}";
            }
        }

        return $found;
    };
    $this->closedVisit = function (): array {
        $visit = $this->salon->planVisit($this);
        $bowl = (string) Str::uuid();
        $this->salon->addBowl($this, $visit, [], $bowl)->assertCreated();
        Visit::query()->whereKey($visit['id'])->update(['received_at' => now(), 'status' => 'in-chair']);
        $this->postJson(
            "/api/clients/{$this->client->id}/skin-tests",
            ['id' => (string) Str::uuid(), 'lines' => ["line-{$this->salon->line->id}"], 'spot' => 'ear'],
        )->assertCreated();
        $this->salon->pourAll($this, $this->salon->startBatch($this, $bowl));
        Visit::query()
            ->whereKey($visit['id'])
            ->update(
                [
                    'status' => 'closed',
                    'closed_at' => now(),
                    'outcome' => 'Oda Marsh is happy',
                    'note' => 'Rings from the clinic.',
                ],
            );

        return [$visit['id'], $bowl];
    };
});

afterEach(fn () => Carbon::setTestNow());

it('keeps notes about health sealed, in their columns and in the log, and reads them in words', function () {
    ($this->write)()->assertOk()->assertJsonPath('cautions', 'Nettle rash in spring.');
    ($this->write)(['cautions' => 'Nettle rash in May.'])->assertOk();
    $this->postJson(
        "/api/clients/{$this->client->id}/contraindications",
        ['id' => (string) Str::uuid(), 'kind' => 'sensitive-scalp', 'note' => 'Stings at the nape.'],
    )->assertCreated();
    expect(($this->anywhere)('Nettle'))->toBe([])->and(($this->anywhere)('Stings'))->toBe([]);
    $file = $this->getJson("/api/clients/{$this->client->id}")->assertOk();
    expect($file->json('cautions'))->toBe('Nettle rash in May.')
        ->and($file->json('safety.contraindications.0.note'))->toBe('Stings at the nape.')
        ->and(
            collect($this->getJson("/api/clients/{$this->client->id}/trail")->json())
                ->pluck('changes')
                ->flatten(1)
                ->all(),
        )->toContain(['name' => 'cautions', 'was' => 'Nettle rash in spring.', 'is' => 'Nettle rash in May.'])
        // An open file is open.
        ->and(resolve(ExportOne::class)->client($this->client))
        ->toContain('Nettle rash in May.')
        ->toContain('Stings at the nape.');
});

it('logs nothing where the same words are saved again', function () {
    ($this->write)();
    $kept = DB::table('clients')->where('id', $this->client->id)->value('cautions');
    $rows = DB::table('activity_log')->count();
    ($this->write)()->assertOk();
    expect(DB::table('clients')->where('id', $this->client->id)->value('cautions'))
        ->toBe($kept)
        ->and(DB::table('activity_log')->count())
        ->toBe($rows);
});

it('opens with older keys what they sealed, seals anew with the newest, and never loses what no key opens', function () {
    [$old, $new, $other] = array_map(fn () => base64_encode(random_bytes(32)), [1, 2, 3]);
    $first = new Seal([$old]);
    $kept = $first->close('Nuts.');
    expect($kept)->not->toContain('Nuts')->and($first->close(''))->toBe('')
        ->and((new Seal([$new, $old]))->open($kept))->toBe('Nuts.')
        ->and((new Seal([$new, $old]))->isNewest($kept))->toBeFalse()
        ->and((new Seal([$other]))->open($kept))->toBe(Seal::LOST)
        // A changed letter is no other note.
        ->and($first->open(substr($kept, 0, -6).'AAAAAA'))->toBe(Seal::LOST);
    DB::table('clients')->where('id', $this->client->id)->update(['cautions' => $kept]);
    expect((new SealAnew(resolve('db'), new Seal([$new, $old])))())->toBe(1)
        ->and(
            (new Seal([$new]))->open((string) DB::table('clients')->where('id', $this->client->id)->value('cautions')),
        )->toBe('Nuts.');
    $strange = (new Seal([$other]))->close('Bees.');
    DB::table('clients')->where('id', $this->client->id)->update(['cautions' => $strange]);
    expect((new SealAnew(resolve('db'), new Seal([$new])))())->toBe(0)
        ->and(DB::table('clients')->where('id', $this->client->id)->value('cautions'))->toBe($strange);
    // Saved as it is shown, it stays what it was.
    $this->app->instance(Seal::class, new Seal([$new]));
    ($this->write)(['cautions' => Seal::LOST])->assertOk();
    expect(DB::table('clients')->where('id', $this->client->id)->value('cautions'))->toBe($strange);
});

it('takes photographs only of who agreed, and removes them when that is taken back', function () {
    ($this->photo)()
        ->assertUnprocessable()
        ->assertJsonPath('mend', fn (string $mend) => str_contains($mend, 'agreed to'));
    ($this->agree)('photographs', true, ['words' => 'signed the sheet'])
        ->assertCreated()
        ->assertJsonPath('consents.0.given', true)
        ->assertJsonPath('consents.0.words', 'signed the sheet');
    $id = ($this->photo)()->assertCreated()->json('id');
    expect(Storage::disk('local')->allFiles())->toHaveCount(1);
    ($this->agree)('photographs', false)->assertCreated()->assertJsonCount(0, 'photos');
    expect(Storage::disk('local')->allFiles())->toBe([]);
    $this->getJson("/api/photos/{$id}")->assertNotFound();
    ($this->photo)()->assertUnprocessable();
});

it('keeps the stop and lets the words of health notes go when that is taken back', function () {
    ($this->write)();
    $this->postJson(
        "/api/clients/{$this->client->id}/contraindications",
        ['id' => (string) Str::uuid(), 'kind' => 'earlier-reaction', 'note' => 'Blisters in 2019.'],
    )->assertCreated();
    ($this->agree)('health', false)->assertCreated()->assertJsonPath('cautions', '')
        ->assertJsonPath('safety.contraindications.0.note', '')->assertJsonPath(
            'safety.contraindications.0.kind',
            'earlier-reaction',
        );
});

it('lets what was said last stand, and refuses what was said before it', function () {
    ($this->agree)('messages', true, ['on' => now()->subDays(3)->toDateString()])->assertCreated();
    ($this->agree)('messages', false, ['on' => now()->subDays(9)->toDateString()])->assertUnprocessable();
    ($this->agree)('messages', false)->assertCreated()->assertJsonPath('consents.2.given', false);
    // An assistant hears that somebody agrees; what is removed by a no is for those who may change the file.
    $this->actingAs($this->salon->member(Role::Assistant));
    ($this->agree)('messages')->assertCreated();
    ($this->agree)('photographs', false)->assertForbidden();
});

it('takes one photograph away with a reason', function () {
    ($this->agree)('photographs');
    $id = ($this->photo)()->json('id');
    $this->deleteJson("/api/photos/{$id}")->assertUnprocessable();
    $this->deleteJson("/api/photos/{$id}", ['reason' => 'the wrong head'])->assertOk();
    expect(Storage::disk('local')->allFiles())->toBe([])
        ->and(
            DB::table('activity_log')->where('event', 'deleted')->where('subject_id', $id)->value('properties'),
        )->toContain('the wrong head');
});

it('keeps how somebody is reached and whom they like to come to, of the own team alone', function () {
    $mira = $this->salon->member();
    ($this->write)(['email' => 'Oda@Mail.Example', 'contactBy' => 'mail', 'preferred' => $mira->id])->assertOk()
        ->assertJsonPath('email', 'oda@mail.example')
        ->assertJsonPath('contactBy', 'mail')
        ->assertJsonPath('preferred.name', $mira->name);
    ($this->write)(['email' => 'no address'])->assertUnprocessable();
    ($this->write)(['contactBy' => 'pigeon'])->assertUnprocessable();
    ($this->write)(['preferred' => (new SmallSalon)->member()->id])->assertUnprocessable();
    // A device of an earlier release sends none of it, and changes none of it.
    ($this->write)()->assertOk()->assertJsonPath('email', 'oda@mail.example');
});

it('matches two heads, shows each on the other’s file, and never itself', function () {
    $twin = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Ida Marsh']);
    $match = $this->postJson("/api/clients/{$twin->id}/matches", ['other' => $this->client->id, 'how' => 'sisters'])
        ->assertCreated()
        ->json('matches.0');
    expect($match)->toMatchArray(['client' => $this->client->id, 'how' => 'sisters']);
    // Said from the other side it is the same match, in newer words.
    $this->postJson("/api/clients/{$this->client->id}/matches", ['other' => $twin->id, 'how' => 'twins'])
        ->assertCreated()
        ->assertJsonCount(1, 'matches')
        ->assertJsonPath('matches.0.name', 'Ida Marsh')->assertJsonPath('matches.0.how', 'twins');
    $this->postJson(
        "/api/clients/{$this->client->id}/matches",
        ['other' => $this->client->id, 'how' => 'mirror'],
    )->assertUnprocessable();
    $this->postJson(
        "/api/clients/{$this->client->id}/matches",
        ['other' => (new SmallSalon)->client->id, 'how' => 'twins'],
    )->assertNotFound();
    $stranger = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Nobody of these']);
    $this->deleteJson("/api/clients/{$stranger->id}/matches/{$match['id']}")->assertNotFound();
    $this->deleteJson("/api/clients/{$this->client->id}/matches/{$match['id']}")
        ->assertOk()
        ->assertJsonCount(0, 'matches');
});

it('makes one file of two, with everything of both and what was chosen', function () {
    ($this->write)(['phone' => '0555 7788 99', 'cautions' => 'Nettle rash.']);
    [$visit] = ($this->closedVisit)();
    $twice = Client::query()->create(
        [
            'salon_id' => $this->salon->salon->id,
            'name' => 'Oda Marsch',
            'phone' => '0555 778899',
            'about' => 'Choir',
            'cautions' => 'Faints.',
        ],
    );
    app(App\Actions\Clients\IndexClient::class)($twice);
    $third = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Una']);
    ClientMatch::query()->create(
        [
            'salon_id' => $this->salon->salon->id,
            'client_id' => $this->client->id,
            'other_id' => $third->id,
            'how' => 'mother',
            'made_by' => $this->owner->id,
        ],
    );
    $this->getJson("/api/clients/{$twice->id}")
        ->assertJsonPath('alike.0.id', $this->client->id)
        ->assertJsonPath('alike.0.by', 'the same telephone');
    $seen = $this->getJson("/api/clients/{$twice->id}/merge/{$this->client->id}")->assertOk()->json();
    $body = [
        'other' => $this->client->id,
        'version' => $seen['keep']['version'],
        'otherVersion' => $seen['other']['version'],
        'taken' => ['name'],
        'reason' => 'written twice at the desk',
    ];
    $this->postJson("/api/clients/{$twice->id}/merge", [...$body, 'otherVersion' => 999])->assertConflict();
    expect(Visit::query()->findOrFail($visit)->client_id)->toBe($this->client->id);
    $this->postJson("/api/clients/{$twice->id}/merge", $body)
        ->assertOk()
        ->assertJsonPath('name', 'Oda Marsh')
        ->assertJsonPath('about', 'Choir')
        ->assertJsonPath('visits.0.id', $visit)->assertJsonPath('matches.0.how', 'mother')
        // A caution of either is a caution of the person.
        ->assertJsonPath('cautions', 'Faints. Nettle rash.')->assertJsonCount(1, 'safety.tests');
    $this->getJson("/api/clients/{$this->client->id}")
        ->assertOk()
        ->assertJsonPath('into.id', $twice->id)
        ->assertJsonCount(0, 'visits');
    expect(array_column($this->getJson('/api/clients?search=oda')->json(), 'id'))->toBe([$twice->id]);
    $this->postJson("/api/clients/{$twice->id}/merge", $body)->assertUnprocessable();
    $this->postJson(
        "/api/clients/{$this->client->id}/merge",
        [...$body, 'other' => $this->client->id],
    )->assertUnprocessable();
    $this->actingAs($this->salon->member());
    $this->postJson(
        "/api/clients/{$twice->id}/merge",
        [...$body, 'other' => $third->id, 'version' => $twice->refresh()->version, 'otherVersion' => 1],
    )->assertUnprocessable();
});

it('takes a person out and leaves grams and formulas, whole and of nobody', function () {
    ($this->write)(['email' => 'oda@mail.example']);
    ($this->agree)('photographs', true, ['words' => 'Oda signed']);
    ($this->photo)();
    [$visit, $bowl] = ($this->closedVisit)();
    $this->postJson(
        "/api/clients/{$this->client->id}/contraindications",
        ['id' => (string) Str::uuid(), 'kind' => 'sensitive-scalp', 'note' => 'Saw Dr Vik.'],
    )->assertCreated();
    DB::table('bowls')->where('id', $bowl)->update(['job' => 'Root for Oda Marsh']);
    DB::table('visits')->where('id', $visit)->update([
        'care' => json_encode(
            [
                [
                    'id' => 'a',
                    'kind' => 'treatment',
                    'words' => 'Mask as Oda Marsh likes it',
                    'minutes' => 5,
                    'price' => '12.50',
                    'done' => true,
                    'round' => null,
                ],
            ],
        ),
        'results' => json_encode(
            [
                [
                    'zone' => 'root',
                    'level' => '6',
                    'tone' => ['natural'],
                    'even' => true,
                    'covered' => null,
                    'elasticity' => null,
                    'words' => 'as Oda asked',
                ],
            ],
        ),
    ]);
    $pours = DB::table('pours')->orderBy('id')->get(['id', 'line', 'grams_cg', 'reading_cg', 'poured_at'])->all();
    ($this->erase)(['password' => 'something else'])->assertUnprocessable();
    ($this->erase)(['name' => 'Oda'])->assertUnprocessable();
    ($this->erase)(['reason' => 'so'])->assertUnprocessable();
    ($this->erase)()->assertOk()->assertJsonPath('name', 'Erased client')->assertJsonCount(0, 'photos');
    expect(json_encode($this->getJson("/api/clients/{$this->client->id}/trail")->json()))
        ->toContain('asked for it by letter')
        ->not->toContain('Marsh');
    foreach (['Oda', 'Marsh', '7788', 'oda@mail', 'Nettle', 'Dr Vik', 'clinic', 'signed'] as $word) {
        expect(($this->anywhere)($word))->toBe([], $word);
    }
    expect(Storage::disk('local')->allFiles())->toBe([])
        ->and(
            DB::table('pours')->orderBy('id')->get(['id', 'line', 'grams_cg', 'reading_cg', 'poured_at'])->all(),
        )->toEqual($pours)
        ->and($this->getJson("/api/visits/{$visit}")->assertOk()->json('rounds.0.bowls.0.job'))->toBe('Root for …')
        ->and($this->getJson('/api/clients?search=')->json())->toBe([])
        ->and($this->getJson("/api/visits/{$visit}")->json('care.price'))->toBe('12.50')
        ->and($this->getJson('/api/costs?by=client')->assertOk()->json('rows.0.addOns'))->toBe('12.50');
    $this->getJson("/api/clients/{$this->client->id}")
        ->assertOk()
        ->assertJsonPath('erasedAt', fn (?string $at) => $at !== null);
    // That it was done, by whom and why, is on record.
    $row = DB::table('activity_log')->where('event', 'erased')->first();
    expect($row?->causer_id)->toBe($this->owner->id)->and($row?->properties)->toContain('asked for it by letter');
    ($this->agree)('photographs')->assertUnprocessable();
});

it('lets nothing be taken out of what was only added to, but by an erasure', function () {
    ($this->closedVisit)();
    foreach ([
        "UPDATE activity_log SET properties = '{\"erased\":true}' LIMIT 1",
        "UPDATE pours SET reason = 'erased'",
        "UPDATE waivers SET reason = 'erased'",
        "UPDATE stamps SET words = 'erased'",
    ] as $sql) {
        expect(fn () => DB::statement($sql))->toThrow(Illuminate\Database\QueryException::class, 'denied');
    }
    expect(fn () => DB::statement('CALL erase_client(?)', [$this->client->id]))->toThrow(
        Illuminate\Database\QueryException::class,
        'Only of a client who is erased',
    );
});

it('does not erase in the middle of a visit, nor by anybody but the owner', function () {
    $this->salon->planVisit($this);
    ($this->erase)()->assertUnprocessable();
    Visit::query()->update(['status' => 'ended', 'ended_at' => now()]);
    $this->actingAs($this->salon->member());
    ($this->erase)()->assertForbidden();
    $this->getJson('/api/retention?years=1')->assertForbidden();
});

it('says whom a rule would take out before it does, and takes no other', function () {
    Carbon::setTestNow(now()->subYears(6));
    $gone = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Long Ago']);
    $ahead = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Comes Again']);
    Visit::query()->create(
        [
            'id' => (string) Str::uuid(),
            'salon_id' => $this->salon->salon->id,
            'client_id' => $gone->id,
            'colourist_id' => $this->owner->id,
            'service' => 'Root',
            'status' => 'closed',
            'starts_at' => now(),
            'closed_at' => now(),
            'note' => '',
        ],
    );
    Carbon::setTestNow();
    Visit::query()->create(
        [
            'id' => (string) Str::uuid(),
            'salon_id' => $this->salon->salon->id,
            'client_id' => $ahead->id,
            'colourist_id' => $this->owner->id,
            'service' => 'Root',
            'status' => 'expected',
            'starts_at' => now()->addDay(),
            'note' => '',
        ],
    );
    $this->getJson('/api/retention')->assertOk()->assertJson(['rule' => null, 'count' => 0]);
    $seen = $this->getJson('/api/retention?years=5')
        ->assertOk()
        ->assertJson(['rule' => null, 'years' => 5, 'count' => 1])
        ->assertJsonPath('clients.0.name', 'Long Ago')
        ->json();
    expect($gone->refresh()->erased_at)->toBeNull();
    $body = ['clients' => [$gone->id], 'reason' => 'five years are over', 'password' => 'a-long-password'];
    // No rule, nothing goes.
    $this->postJson('/api/retention/erase', $body)->assertUnprocessable();
    $this->putJson('/api/retention', ['years' => 5, 'version' => 999])->assertConflict();
    $this->putJson('/api/retention', ['years' => 5, 'version' => $seen['version']])
        ->assertOk()
        ->assertJson(['rule' => 5, 'count' => 1]);
    // Somebody in the list who is not due stops all of it.
    $this->postJson('/api/retention/erase', [...$body, 'clients' => [$gone->id, $ahead->id]])->assertUnprocessable();
    expect($gone->refresh()->erased_at)->toBeNull();
    $this->postJson('/api/retention/erase', $body)->assertOk()->assertJson(['count' => 0]);
    expect($gone->refresh()->name)->toBe('Erased client')->and($ahead->refresh()->name)->toBe('Comes Again');
});

it('writes a page for people and a file for programs, of this client alone', function () {
    ($this->write)();
    ($this->agree)('photographs');
    ($this->photo)();
    [$visit] = ($this->closedVisit)();
    Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Somebody Else']);
    $page = $this->get("/api/clients/{$this->client->id}/page")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="oda-marsh.html"')
        ->content();
    expect($page)
        ->toContain('Oda Marsh')
        ->toContain('Nettle rash in spring.')
        ->toContain('data:image/jpeg;base64,')
        ->toContain('Oda Marsh is happy')
        ->toContain('40 g 6N')
        ->not->toContain('Somebody Else')->not->toContain('<script');
    $file = json_decode((string) $this->get("/api/visits/{$visit}/file")->assertOk()->content(), true);
    expect($file['tinta'])
        ->toBe('visit')
        ->and(array_column($file['rows']['visits'], 'id'))
        ->toBe([$visit])
        ->and($file['rows']['pours'])
        ->not->toBe([]);
});

it('offers the target of the head that this one is to look like', function () {
    $twin = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Ida Marsh']);
    $visit = $this->salon->planVisit($this)['id'];
    $this->getJson("/api/visits/{$visit}/matched")->assertOk()->assertExactJson([]);
    $this->postJson(
        "/api/clients/{$twin->id}/matches",
        ['other' => $this->client->id, 'how' => 'twins'],
    )->assertCreated();
    $theirs = $this->postJson(
        "/api/clients/{$twin->id}/visits",
        ['id' => (string) Str::uuid(), 'service' => 'Root', 'startsAt' => now()->subDays(20)->toIso8601String()],
    )
        ->assertCreated()
        ->json('id');
    // Nothing is wished yet.
    $this->getJson("/api/visits/{$visit}/matched")->assertExactJson([]);
    $canvas = $this->getJson("/api/visits/{$theirs}")->json('canvas.canvas');
    $this->putJson(
        "/api/visits/{$theirs}/canvas",
        [
            'version' => $this->getJson("/api/visits/{$theirs}")->json('canvas.version'),
            'canvas' => [
                ...$canvas,
                'zones' => [
                    [
                        'id' => 'root',
                        'name' => 'Root',
                        'regions' => [],
                        'spans' => ['root'],
                        'level' => '6',
                        'wish' => ['level' => '7.5', 'tone' => ['gold'], 'words' => 'as honey'],
                    ],
                ],
            ],
        ],
    )->assertOk();
    $this->getJson("/api/visits/{$visit}/matched")
        ->assertOk()
        ->assertJsonPath('0.name', 'Ida Marsh')
        ->assertJsonPath('0.how', 'twins')
        ->assertJsonPath('0.zones.0.wish', ['level' => '7.5', 'tone' => ['gold'], 'words' => 'as honey'])
        ->assertJsonPath('0.zones.0.came', null);
});

it('takes out with a person whatever files of theirs were made one', function () {
    ($this->write)();
    $twice = Client::query()->create(
        ['salon_id' => $this->salon->salon->id, 'name' => 'Oda Marschall', 'phone' => '', 'about' => 'sings alto'],
    );
    app(App\Actions\Clients\IndexClient::class)($twice);
    $this->postJson(
        "/api/clients/{$this->client->id}/merge",
        [
            'other' => $twice->id,
            'version' => $this->client->refresh()->version,
            'otherVersion' => $twice->refresh()->version,
            'taken' => [],
            'reason' => 'written twice at the desk',
        ],
    )->assertOk();
    ($this->erase)()->assertOk();
    foreach (['Marsh', 'Marschall', 'alto', 'Nettle'] as $word) {
        expect(($this->anywhere)($word))->toBe([], $word);
    }
});
