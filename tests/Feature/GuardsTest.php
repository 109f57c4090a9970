<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\Pour;
use App\Models\SkinTest;
use App\Models\TeamMember;
use App\Models\Waiver;
use App\Records\WriteContext;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Spatie\Activitylog\Models\Activity;
use Tests\Feature\Rounds\RealVisit;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->v = new RealVisit($this, 'Guards');
    $this->licensed = fn (Role $role = Role::Colourist): TeamMember => TeamMember::query()->create([
        'salon_id' => $this->v->salon->id,
        'name' => 'Licensed',
        'initials' => 'L',
        'role' => $role,
        'licence' => 'L-9',
        'email' => Str::uuid().'@test.example',
        'password' => 'a-long-password',
    ]);
    $this->plain = fn (Role $role): TeamMember => TeamMember::query()->create([
        'salon_id' => $this->v->salon->id,
        'name' => 'Plain',
        'initials' => 'P',
        'role' => $role,
        'email' => Str::uuid().'@test.example',
        'password' => 'a-long-password',
    ]);
    $this->began = fn (string $letter) => $this->postJson(
        "/api/bowls/{$this->v->of($letter)['id']}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => 'began'],
    );
    $this->root = fn (array $more = []): array => $this->v->bowl(
        'Colour',
        'A',
        'Root',
        'Tidewater',
        ['6N' => '1'],
        [20 => 'all'],
        ['colour', '60 g'],
        $more,
    );
});

/** @return array{App\Models\ColourLine, App\Models\Shade} a line that colours nothing, and its one product */
function balm(App\Models\Salon $salon): array
{
    $line = App\Models\ColourLine::query()->create([
        'salon_id' => $salon->id,
        'name' => 'Balm',
        'kind' => 'care',
        'ratio' => '1:1',
        'min_minutes' => 5,
        'target_minutes' => 10,
        'max_minutes' => 20,
        'legend' => ['notation' => 'letters', 'tones' => []],
    ]);
    $balm = App\Models\Shade::query()->create([
        'colour_line_id' => $line->id,
        'code' => 'Balm',
        'name' => 'Balm',
        'kind' => 'care',
        'pack_cg' => 10_000,
        'swatch' => '#ffffff',
    ]);
    app()->forgetScopedInstances();

    return [$line, $balm];
}

it('is shut by a bowl that nobody can read any more', function () {
    ($this->root)();
    $this->v->refresh()->testSkin()->weigh('A');
    $sheet = Bowl::query()->findOrFail($this->v->of('A')['id']);
    $sheet
        ->fill(['sheet' => array_replace_recursive(
            $sheet->sheet,
            ['parts' => [['ingredients' => [['product' => 'bowl:'.Str::uuid()]]]]],
        )])
        ->save();
    app()->forgetScopedInstances();
    expect(($this->began)('A')->assertUnprocessable()->json('message'))->toContain('Bowl A cannot be read');
    $this->getJson("/api/visits/{$this->v->visit['id']}")
        ->assertOk()
        ->assertJsonPath('gate.open', false)
        ->assertJsonPath('gate.waivable', false);
});

it('follows an oxidative left-over into a care bowl', function () {
    $root = ($this->root)();
    // In a line that colours nothing by itself, three quarters are what is left of the root bowl.
    [$line, $balm] = balm($this->v->salon);
    $this->v->refresh();
    $mask = $this->v->post("rounds/{$this->v->visit['rounds'][0]['id']}/bowls", ['id' => (string) Str::uuid(), 'bowl' => [
        'letter' => 'B',
        'job' => 'Mask',
        'line' => "line-{$line->id}",
        'ratio' => 'no developer',
        'amount' => ['of' => 'total', 'grams' => '40 g', 'ingredient' => null],
        'parts' => [
            [
                'ingredients' => [
                    ['product' => $balm->productId(), 'share' => '1'],
                    ['product' => "bowl:{$root['id']}", 'share' => '3'],
                ],
            ],
        ], 'additives' => [], 'place' => [], 'minutes' => null, 'note' => '',
    ]]);
    $this->v->refresh()->weigh('B');
    expect(($this->began)('B')->assertUnprocessable()->json('message'))->toContain('No skin test of Tidewater')
        ->and($mask['letter'])->toBe('B');
    // While another bowl holds what is left of it, its source is not taken out.
    $this->deleteJson("/api/bowls/{$root['id']}", ['version' => 1])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'What is left of bowl A goes into bowl B.');
});

it('takes what is poured beside the plan for part of the bowl', function () {
    $root = ($this->root)();
    [$line, $balm] = balm($this->v->salon);
    $this->v->refresh();
    $this->v->post("rounds/{$this->v->visit['rounds'][0]['id']}/bowls", ['id' => (string) Str::uuid(), 'bowl' => [
        'letter' => 'B',
        'job' => 'Mask',
        'line' => "line-{$line->id}",
        'ratio' => 'no developer',
        'amount' => ['of' => 'total', 'grams' => '40 g', 'ingredient' => null],
        'parts' => [
            ['ingredients' => [['product' => $balm->productId(), 'share' => 'all']]],
        ], 'additives' => [], 'place' => [], 'minutes' => null, 'note' => '',
    ]]);
    $this->v->refresh();
    ($this->began)('B')->assertCreated();
    $batch = $this->v->post("bowls/{$this->v->of('B')['id']}/batches", ['id' => (string) Str::uuid()]);
    // It is on the hair: nothing oxidative goes into it while the gate of that is shut, whatever the house does ahead.
    $this->postJson(
        "/api/batches/{$batch['id']}/events",
        ['id' => (string) Str::uuid(), 'after' => 0, 'kind' => 'added', 'line' => "bowl:{$root['id']}"],
    )
        ->assertUnprocessable()->assertJsonPath('message', 'Bowl B may not be weighed yet: No skin test of Tidewater.');
});

it('weighs nothing while the gate is shut, unless the house weighs ahead', function () {
    $bowl = ($this->root)();
    $this->v->salon->fill(['house_rules' => []])->save();
    app()->forgetScopedInstances();
    $start = fn () => $this->postJson("/api/bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid()]);
    $start()
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Bowl A may not be weighed yet: No skin test of Tidewater.');
    $this->getJson("/api/bowls/{$bowl['id']}/bench")
        ->assertJsonPath('gate.open', false)
        ->assertJsonPath('gate.ahead', false);
    $this->v->salon->fill(['house_rules' => ['weigh-ahead' => 'yes']])->save();
    app()->forgetScopedInstances();
    $this->getJson("/api/bowls/{$bowl['id']}/bench")
        ->assertJsonPath('gate.ahead', true)
        ->assertJsonPath('gate.reasons.0.reason', 'No skin test of Tidewater.');
    $start()->assertCreated();
});

it('mixes no second batch for a bowl on the hair once its gate is shut', function () {
    $bowl = ($this->root)();
    $this->v->refresh()->testSkin()->weigh('A');
    ($this->began)('A')->assertCreated();
    $this->v->post(
        "clients/{$this->v->client->id}/contraindications",
        ['id' => (string) Str::uuid(), 'kind' => 'face-rash', 'note' => 'red'],
    );
    app()->forgetScopedInstances();
    $this->postJson("/api/bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid(), 'times' => '1/2'])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Bowl A may not be weighed yet: A rash on the face.');
});

it('closes no visit over a bowl that was weighed and never went on', function () {
    $bowl = ($this->root)();
    $this->postJson("/api/bowls/{$bowl['id']}/stamps", ['id' => (string) Str::uuid(), 'kind' => 'set-aside'])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Bowl A has not been mixed.');
    $this->v->refresh()->weigh('A');
    $close = fn () => $this->postJson(
        "/api/visits/{$this->v->visit['id']}/close",
        ['version' => $this->v->refresh()->visit['version'], 'verdict' => 'good'],
    );
    expect($close()->assertUnprocessable()->json('message'))
        ->toStartWith('Bowl A was weighed, and nobody marked that it went on.')
        ->toContain('No skin test of Tidewater');
    $this->v->post(
        "bowls/{$this->v->of('A')['id']}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => 'set-aside', 'words' => 'She changed her mind.'],
    );
    expect($this->v->refresh()->of('A')['clock']['state'])->toBe('set-aside');
    ($this->began)('A')->assertUnprocessable();
    $this->postJson("/api/bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid()])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Bowl A was marked as not used.');
    $close()->assertOk()->assertJsonPath('status', 'closed');
    // Nothing of it was used, so nothing is learned from it.
    $this->v->refresh()->repeat();
    expect($this->v->visit['picture']['amounts']['A']['source'] ?? 'table')->toBe('table');
});

it('lets a reason stand for the lines that were planned when it was signed, and for no other', function () {
    $member = ($this->licensed)();
    $this->actingAs($member);
    ($this->root)();
    $this->v->refresh()->weigh('A');
    $this->postJson(
        "/api/visits/{$this->v->visit['id']}/waivers",
        ['id' => (string) Str::uuid(), 'reason' => 'Patch of Friday read here', 'password' => 'a-long-password'],
    )
        ->assertCreated()
        ->assertJsonPath('gate.open', true);
    $this->v->bowl('Colour', 'B', 'Gloss', 'Slack Water', ['8B' => '1'], [6 => 'all'], ['colour', '30 g']);
    $this->v->refresh()->weigh('B');
    expect($this->v->visit['gate']['open'])->toBeFalse();
    ($this->began)('A')->assertCreated();
    expect(($this->began)('B')->assertUnprocessable()->json('message'))->toContain('No skin test of Slack Water');
    expect(Waiver::query()->where(
        'visit_id',
        $this->v->visit['id'],
    )->value('lines'))->toBe([$this->v->lines['Tidewater']]);
});

it('wants a licence, a real reason and the password again before a reaction is lifted or a test waived', function (
    string $who,
    string $words,
    string $password,
    int $status,
) {
    ($this->root)();
    $note = $this->v->post(
        "clients/{$this->v->client->id}/contraindications",
        ['id' => (string) Str::uuid(), 'kind' => 'earlier-reaction', 'note' => 'swollen eyelids'],
    )['contraindications'][0]['id'];
    $this->actingAs(match ($who) {
        'licensed' => ($this->licensed)(),
        'colourist' => ($this->plain)(Role::Colourist),
        default => ($this->plain)(Role::Assistant),
    });
    $this
        ->patchJson("/api/contraindications/{$note}", ['clearance' => $words, 'password' => $password])
        ->assertStatus($status);
    $this
        ->postJson(
            "/api/visits/{$this->v->visit['id']}/waivers",
            ['id' => (string) Str::uuid(), 'reason' => $words, 'password' => $password],
        )
        ->assertStatus($status === 200 ? 201 : $status);
    expect($this->getJson("/api/clients/{$this->v->client->id}")->json('safety.reaction'))->toBe($status !== 200);
})->with([
    'all three' => ['licensed', 'Letter of Dr Osei, seen today', 'a-long-password', 200],
    'no licence' => ['colourist', 'Letter of Dr Osei, seen today', 'a-long-password', 422],
    'an assistant' => ['assistant', 'Letter of Dr Osei, seen today', 'a-long-password', 403],
    'no reason' => ['licensed', 'x', 'a-long-password', 422],
    'one long word' => ['licensed', 'aaaaaaaaaaaaaaaa', 'a-long-password', 422],
    'the same word again' => ['licensed', 'because because because', 'a-long-password', 422],
    'a wrong password' => ['licensed', 'Letter of Dr Osei, seen today', 'another-password', 422],
    'no password' => ['licensed', 'Letter of Dr Osei, seen today', '', 422],
]);

it('slows down who guesses a password at a waiver, on a count that outlives the refusal', function () {
    $this->actingAs(($this->licensed)());
    ($this->root)();
    $ask = fn (string $password) => $this
        ->postJson(
            "/api/visits/{$this->v->visit['id']}/waivers",
            ['id' => (string) Str::uuid(), 'reason' => 'Patch of Friday read here', 'password' => $password],
        )
        ->status();
    foreach (range(1, 10) as $ignored) {
        expect($ask('wrong-password'))->toBe(422);
    }
    expect($ask('a-long-password'))->toBe(429);
    $this->travel(31)->seconds();
    expect($ask('a-long-password'))->toBe(201);
});

it('reads no skin test before its 48 hours, and by whom the house lets', function () {
    $path = "/api/clients/{$this->v->client->id}/skin-tests";
    $placed = ['id' => (string) Str::uuid(), 'lines' => [$this->v->lines['Tidewater']], 'spot' => 'inner elbow'];
    $early = ['placedAt' => now()->subDays(3)->toIso8601String()];
    $this->actingAs(($this->plain)(Role::Assistant));
    // A test from before names who placed it.
    $this->postJson($path, $placed + $early)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'A test that was placed earlier needs the name of who placed it.');
    $this->postJson($path, $placed + $early + ['placedBy' => 'Leilani, at the Quay shop'])
        ->assertCreated()
        ->assertJsonPath('tests.0.placedBy', 'Leilani, at the Quay shop')
        ->assertJsonPath('tests.0.recordedBy', 'Plain');
    $read = fn (string $result) => $this->patchJson("/api/skin-tests/{$placed['id']}", ['result' => $result]);
    $read('clear')
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This house lets a colourist read a skin test as clear.');
    $this->actingAs(($this->plain)(Role::Colourist));
    $this->v->salon->fill(['house_rules' => ['test-readers' => 'licensed']])->save();
    $read('clear')
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This house lets a licensed member of the team read a skin test as clear.');
    $this->v->salon->fill(['house_rules' => []])->save();
    auth()->user()->unsetRelation('salon');
    $read('clear')->assertOk();
    // One that was placed now waits; a reaction does not.
    $fresh = ['id' => (string) Str::uuid()] + $placed;
    $this->postJson($path, $fresh)->assertCreated();
    $this->travel(47)->hours();
    $this->patchJson("/api/skin-tests/{$fresh['id']}", ['result' => 'clear'])
        ->assertUnprocessable()
        ->assertJsonPath('mend', 'Read it in an hour. A reaction may be recorded now.');
    $this->patchJson("/api/skin-tests/{$fresh['id']}", ['result' => 'reaction'])
        ->assertOk()
        ->assertJsonPath('reaction', true);
    expect(SkinTest::query()->findOrFail($placed['id'])->recorded_at)->not->toBeNull();
});

it('changes a birthday or a practice head by the owner or a licensed person, with a reason, on record', function (
    string $who,
    array $change,
    string $reason,
    int $status,
) {
    $this->actingAs(match ($who) {
        'owner' => ($this->plain)(Role::Owner),
        'licensed' => ($this->licensed)(),
        default => ($this->plain)(Role::Colourist),
    });
    $fields = [
        'name' => $this->v->client->name,
        'phone' => '',
        'about' => '',
        'cautions' => '',
        'bornOn' => null,
        'training' => false,
        'version' => 1,
        'reason' => $reason,
    ];
    $this->putJson("/api/clients/{$this->v->client->id}", $change + $fields)->assertStatus($status);
    $this
        ->postJson(
            '/api/clients',
            ['training' => $change['training'] ?? false, 'name' => 'Another', 'reason' => $reason],
        )
        ->assertStatus(isset($change['training']) && $status !== 200 ? $status : 201);
    $activity = Activity::query()
        ->where('subject_type', Client::class)
        ->where('subject_id', (string) $this->v->client->id)
        ->where('event', 'updated')
        ->latest('id')
        ->first();
    if ($status === 200) {
        expect($activity?->properties['reason'])->toBe($reason)->and($activity->causer_id)->toBe(auth()->id());
        $this->getJson("/api/clients/{$this->v->client->id}/trail")
            ->assertJsonPath('0.by', auth()->user()->name)
            ->assertJsonPath('0.reason', $reason);
    } else {
        expect($activity)->toBeNull();
    }
})->with([
    'the owner' => ['owner', ['training' => true], 'The dummy in the window', 200],
    'a licensed person' => ['licensed', ['bornOn' => '2001-02-03'], 'Read off her passport', 200],
    'a colourist' => ['colourist', ['training' => true], 'The dummy in the window', 422],
    'a colourist and a birthday' => ['colourist', ['bornOn' => '1990-01-01'], 'She said so to me', 422],
    'without a reason' => ['owner', ['training' => true], '', 422],
]);

it('carries a write out once, however often its device sends it, and tells the hand’s time', function () {
    $bowl = ($this->root)();
    $batch = $this->v->post("bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid()]);
    $event = [
        'id' => (string) Str::uuid(),
        'after' => 0,
        'kind' => 'poured',
        'line' => $batch['lines'][0]['key'],
        'grams' => '12.3 g',
        'source' => 'hand',
    ];
    $headers = [
        WriteContext::ID => (string) Str::uuid(),
        WriteContext::AUTHOR => (string) $this->v->member->id,
        WriteContext::AGE => '3600123',
    ];
    $this->freezeTime();
    $this->postJson("/api/batches/{$batch['id']}/events", $event, $headers)->assertCreated();
    $this->postJson("/api/batches/{$batch['id']}/events", $event, $headers)
        ->assertOk()
        ->assertExactJson(['already' => true]);
    $this
        ->postJson("/api/batches/{$batch['id']}/events", ['grams' => '99 g'] + $event, $headers)
        ->assertUnprocessable();
    $pour = Pour::query()->findOrFail($event['id']);
    expect(Pour::query()->where('batch_id', $batch['id'])->count())->toBe(1)
        ->and((int) round($pour->poured_at->diffInMilliseconds($pour->arrived_at)))->toBe(3_600_123);
    // Not under the next person's name.
    $this->actingAs(($this->plain)(Role::Assistant));
    $this
        ->postJson(
            "/api/batches/{$batch['id']}/events",
            ['id' => (string) Str::uuid(), 'after' => 1] + $event,
            [WriteContext::ID => (string) Str::uuid()] + $headers,
        )
        ->assertStatus(412);
    expect(Pour::query()->where('batch_id', $batch['id'])->count())->toBe(1);
});

it('keeps nothing of a write that is refused, and lets it be sent again', function () {
    $headers = [WriteContext::ID => (string) Str::uuid(), WriteContext::AUTHOR => (string) $this->v->member->id];
    $this->putJson("/api/clients/{$this->v->client->id}", ['name' => 'X', 'version' => 9], $headers)->assertConflict();
    expect(DB::table('writes')->where('id', $headers[WriteContext::ID])->exists())->toBeFalse();
    $this->putJson("/api/clients/{$this->v->client->id}", ['name' => 'X', 'version' => 1], $headers)->assertOk();
    $this->putJson("/api/clients/{$this->v->client->id}", ['name' => 'X', 'version' => 1], $headers)
        ->assertOk()
        ->assertExactJson(['already' => true]);
});

it('makes one client of a new one that is sent twice', function () {
    $new = ['id' => (string) Str::uuid(), 'name' => 'Twice Sent'];
    $first = $this->postJson('/api/clients', $new)->assertCreated()->json('id');
    expect($this->postJson('/api/clients', $new)->assertCreated()->json('id'))->toBe($first)
        ->and(Client::query()->where('name', 'Twice Sent')->count())->toBe(1);
    $this->actingAs((new SmallSalon)->member());
    $this->postJson('/api/clients', $new)->assertUnprocessable();
});

it('writes down who changed what, with the old and the new', function () {
    $bowl = ($this->root)();
    $this
        ->putJson("/api/bowls/{$bowl['id']}", ['version' => 1, 'bowl' => ['job' => 'Root and part'] + $bowl['sheet']])
        ->assertOk();
    $this
        ->putJson(
            "/api/clients/{$this->v->client->id}",
            ['name' => $this->v->client->name, 'cautions' => 'Allergic to PPD', 'version' => 1],
        )
        ->assertOk();
    $this->actingAs(($this->plain)(Role::Owner));
    $this->putJson('/api/house', ['version' => 1, 'timezone' => 'UTC', 'rules' => ['deposit' => '20']])->assertOk();
    $this->deleteJson("/api/bowls/{$bowl['id']}", ['version' => 2])->assertNoContent();
    $said = fn (string $type, string $event): array => Activity::query()
        ->where('subject_type', "App\\Models\\{$type}")
        ->where('event', $event)
        ->latest('id')
        ->firstOrFail()
        ->only(['causer_id', 'properties']);
    expect($said('Bowl', 'updated')['properties']['old']['job'])->toBe('Root')
        ->and($said('Bowl', 'updated')['properties']['attributes']['job'])->toBe('Root and part')
        // Sealed, as in its column.
        ->and(
            resolve(App\Sealed\Seal::class)->open($said('Client', 'updated')['properties']['attributes']['cautions']),
        )->toBe('Allergic to PPD')
        ->and($said('Client', 'updated')['causer_id'])->toBe($this->v->member->id)
        ->and($said('Salon', 'updated')['causer_id'])->toBe(auth()->id())
        ->and($said('Bowl', 'deleted')['properties']['old']['job'])->toBe('Root and part');
});

it('lets the application add to the record and take nothing from it', function (string $statement) {
    // On a connection of its own: even a refused statement of this kind would end the test's transaction.
    expect(fn () => DB::connection('aside')->statement($statement))->toThrow(
        Illuminate\Database\QueryException::class,
        'denied',
    );
})->with([
    'UPDATE pours SET grams_cg = 1',
    'DELETE FROM pours',
    'TRUNCATE TABLE pours',
    'DROP TABLE pours',
    'UPDATE stamps SET words = ""',
    'DELETE FROM stamps',
    'TRUNCATE TABLE stamps',
    'UPDATE batches SET plan = "{}"',
    'DROP TRIGGER pours_no_UPDATE',
    'TRUNCATE TABLE batches',
    'UPDATE activity_log SET description = ""',
    'DELETE FROM activity_log',
    'DELETE FROM waivers',
    'ALTER TABLE pours ADD COLUMN x INT',
    'CREATE TABLE spare (id INT)',
    'SELECT * FROM mysql.global_priv',
    'GRANT ALL ON tinta_http.* TO CURRENT_USER()',
]);
