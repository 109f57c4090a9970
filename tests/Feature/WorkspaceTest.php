<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\Shade;
use App\Models\Stamp;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;
use Tests\Feature\Rounds\RealVisit;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->v = new RealVisit($this, 'Workspace');
});

function retouch(RealVisit $v, array $more = []): array
{
    $bowl = $v->bowl(
        'Colour',
        'A',
        'Root',
        'Tidewater',
        ['6N' => '2', '6G' => '1'],
        [20 => 'all'],
        ['colour', '60 g'],
        $more + ['place' => [['regions' => [], 'spans' => ['root', 'regrowth'], 'method' => 'root-touch-up']]],
    );
    $v->refresh();

    return $bowl;
}

it('shows the newer canvas instead of overwriting it', function () {
    $this->v->canvas(['root' => ['spans' => ['root'], 'level' => '6']]);
    $path = "/api/visits/{$this->v->visit['id']}/canvas";
    $mine = [
        'zones' => [['id' => 'root', 'name' => 'Root', 'spans' => ['root'], 'level' => '5']],
        'worn' => '',
        'target' => '',
    ];
    $this->putJson($path, ['version' => 0, 'canvas' => $mine])
        ->assertConflict()
        ->assertJsonPath('newer.version', 1)
        ->assertJsonPath('newer.canvas.zones.0.level', '6')
        ->assertJsonPath('newer.editedBy', 'Somebody');
    $this->putJson($path, ['version' => 1, 'canvas' => $mine])
        ->assertOk()
        ->assertJsonPath('canvas.version', 2)
        ->assertJsonPath('canvas.canvas.zones.0.level', '5');
    $this->putJson($path, ['version' => 2, 'canvas' => ['zones' => [['id' => 'root', 'level' => '77']]]])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/zones/0/level');
    $this->putJson($path, ['version' => 2, 'canvas' => ['sky' => 'blue']])->assertUnprocessable();
});

it('works out the picture of what is being typed and keeps none of it', function () {
    $bowl = retouch($this->v);
    $this->v->canvas(['root' => [
        'spans' => ['root', 'regrowth'],
        'level' => '6',
        'grey' => 60,
        'wish' => ['level' => '6', 'tone' => ['natural']],
    ]]);
    $path = "/api/visits/{$this->v->visit['id']}/picture";
    $typed = ['place' => [['regions' => ['top'], 'spans' => ['root']]]] + $bowl['sheet'];
    $picture = $this->postJson(
        $path,
        ['drafts' => [['id' => $bowl['id'], 'round' => $this->v->visit['rounds'][0]['id'], 'bowl' => $typed]]],
    )
        ->assertOk()
        ->json();
    expect($picture['uncovered'])->toContain('nape/root', 'top/regrowth')->not->toContain('top/root')
        ->and($picture['amounts']['A'])->toMatchArray(['source' => 'table', 'of' => 'total', 'take' => '21 g'])
        ->and($this->v->refresh()->visit['picture']['uncovered'])->toBe([]);
    // A bowl nobody has saved yet, half typed and whole.
    $new = ['letter' => 'B', 'amount' => ['of' => 'colour', 'grams' => '9 q']] + $bowl['sheet'];
    $this->postJson($path, ['drafts' => [['id' => 'x', 'round' => $this->v->visit['rounds'][0]['id'], 'bowl' => $new]]])
        ->assertOk()
        ->assertJsonCount(1, 'strokes');
    $this->postJson(
        $path,
        ['drafts' => [[
            'id' => 'x',
            'round' => $this->v->visit['rounds'][0]['id'],
            'bowl' => ['amount' => ['of' => 'colour', 'grams' => '9 g']] + $new,
        ]]],
    )
        ->assertOk()
        ->assertJsonCount(2, 'strokes');
    // As if nobody had planned a bowl; it stays planned.
    $this->postJson($path, ['drafts' => [], 'without' => [$bowl['id']]])->assertOk()->assertJsonCount(0, 'strokes');
    $this->postJson($path, ['drafts' => [], 'without' => 'A'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('without');
    expect($this->v->refresh()->visit['rounds'][0]['bowls'])->toHaveCount(1);
    $this->postJson($path, ['drafts' => [], 'canvas' => ['zones' => [['id' => 'z', 'level' => 'dark']]]])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/canvas/zones/0/level');
});

it('lets no oxidative colour on while the gate is shut', function () {
    $bowl = retouch($this->v);
    $began = fn () => $this->postJson(
        "/api/bowls/{$bowl['id']}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => 'began'],
    );
    $began()->assertUnprocessable()->assertJsonPath('message', 'Bowl A has not been mixed.');
    $this->v->weigh('A');
    expect($began()->assertUnprocessable()->json('message'))->toContain('No skin test of Tidewater');
    $this->v->testSkin();
    $began()->assertCreated()->assertJsonPath('rounds.0.bowls.0.clock.state', 'applying');
});

it('shuts for a reaction until medical clearance is on record, whoever asks', function () {
    $bowl = retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->member->fill(['licence' => 'L-1'])->save();
    $note = $this->v->post(
        "clients/{$this->v->client->id}/contraindications",
        ['id' => (string) Str::uuid(), 'kind' => 'earlier-reaction', 'note' => 'swelling'],
    );
    expect($note['reaction'])->toBeTrue();
    $this->postJson(
        "/api/visits/{$this->v->visit['id']}/waivers",
        ['id' => (string) Str::uuid(), 'reason' => 'she is quite sure of it', 'password' => 'a-long-password'],
    )
        ->assertUnprocessable()
        ->assertJsonPath('message', 'What stands against this service cannot be waived.');
    expect($this->postJson(
        "/api/bowls/{$bowl['id']}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => 'began'],
    )->assertUnprocessable()->json('message'))->toContain('A reaction is on record');
    $this->actingAs(TeamMember::query()->create([
        'salon_id' => $this->v->salon->id,
        'name' => 'Hand',
        'initials' => 'H',
        'role' => Role::Assistant,
        'email' => Str::uuid().'@test.example',
        'password' => 'a-long-password',
    ]));
    $this
        ->patchJson(
            "/api/contraindications/{$note['contraindications'][0]['id']}",
            ['clearance' => 'she says it is fine', 'password' => 'a-long-password'],
        )
        ->assertForbidden();
    $this->actingAs($this->v->member);
    $this->patchJson(
        "/api/contraindications/{$note['contraindications'][0]['id']}",
        ['clearance' => 'Dermatologist, letter of today', 'password' => 'a-long-password'],
    )
        ->assertOk()
        ->assertJsonPath('reaction', false);
    $this
        ->patchJson(
            "/api/contraindications/{$note['contraindications'][0]['id']}",
            ['clearance' => 'once more and again', 'password' => 'a-long-password'],
        )
        ->assertUnprocessable();
    app()->forgetScopedInstances();
    $this
        ->postJson("/api/bowls/{$bowl['id']}/stamps", ['id' => (string) Str::uuid(), 'kind' => 'began'])
        ->assertCreated();
});

it('takes a licensed person’s reason instead of a test, on record', function () {
    retouch($this->v);
    $path = "/api/visits/{$this->v->visit['id']}/waivers";
    $ask = [
        'id' => (string) Str::uuid(),
        'reason' => 'Test of last week read by photograph',
        'password' => 'a-long-password',
    ];
    $this->postJson($path, $ask)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Only a licensed member of the team may record such a reason.');
    $this->v->member->fill(['licence' => 'L-77'])->save();
    $this->postJson($path, ['reason' => 'no'] + $ask)->assertUnprocessable();
    $this->postJson($path, $ask)
        ->assertCreated()
        ->assertJsonPath('gate.open', true)
        ->assertJsonPath(
            'gate.waivers.0',
            fn (array $waiver): bool => $waiver['by'] === 'Somebody'
                && $waiver['licence'] === 'L-77'
                && $waiver['reason'] === $ask['reason'],
        );
    $this->postJson($path, $ask)->assertCreated()->assertJsonCount(1, 'gate.waivers');
    $this->v->salon->fill(['house_rules' => ['waivers' => 'nobody']])->save();
    app()->forgetScopedInstances();
    $this->getJson("/api/visits/{$this->v->visit['id']}")->assertJsonPath('gate.open', false);
});

it('reads a skin test once, except that a reaction may show later', function () {
    $line = $this->v->lines['Tidewater'];
    $path = "/api/clients/{$this->v->client->id}/skin-tests";
    $this
        ->postJson($path, ['id' => (string) Str::uuid(), 'lines' => ['line-999999'], 'spot' => 'ear'])
        ->assertUnprocessable();
    $this->postJson($path, ['id' => (string) Str::uuid(), 'lines' => [], 'spot' => ''])->assertUnprocessable();
    $placed = $this->postJson($path, ['id' => $id = (string) Str::uuid(), 'lines' => [$line], 'spot' => 'ear'])
        ->assertCreated()
        ->json();
    expect(array_column($placed['lines'], 'state', 'name'))->toMatchArray([
        'Tidewater' => 'waiting',
        'Slack Water' => 'missing',
    ]);
    $this->travel(50)->hours();
    $this->patchJson("/api/skin-tests/{$id}", ['result' => 'clear'])->assertOk();
    $this->patchJson("/api/skin-tests/{$id}", ['result' => 'clear'])->assertUnprocessable();
    $this->patchJson("/api/skin-tests/{$id}", ['result' => 'reaction', 'note' => 'red at 60 hours'])
        ->assertOk()
        ->assertJsonPath('reaction', true);
    $this->patchJson("/api/skin-tests/{$id}", ['result' => 'clear'])->assertUnprocessable();
});

it('holds one clock for every device, whatever is sent twice', function () {
    $bowl = retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $id = (string) Str::uuid();
    $path = "/api/bowls/{$bowl['id']}/stamps";
    $this->postJson($path, ['id' => $id, 'kind' => 'began'])->assertCreated();
    $this->travel(10)->minutes();
    $this->postJson($path, ['id' => $id, 'kind' => 'began'])->assertCreated();
    expect(Stamp::query()->where('bowl_id', $bowl['id'])->count())->toBe(1);
    $this->postJson($path, ['id' => (string) Str::uuid(), 'kind' => 'began'])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This bowl is on the hair already.');
    $this->postJson($path, ['id' => (string) Str::uuid(), 'kind' => 'sung'])->assertUnprocessable();
    $this->postJson($path, ['id' => (string) Str::uuid(), 'kind' => 'completed'])->assertCreated();
    $this->travel(46)->minutes();
    $clock = $this->getJson("/api/visits/{$this->v->visit['id']}")->json('rounds.0.bowls.0.clock');
    // Tidewater’s window ends at 45 minutes.
    expect($clock)->toMatchArray(['state' => 'over', 'applied' => 10, 'longest' => 56])
        ->and(strtotime($clock['due']) - strtotime($clock['from']))->toBe(35 * 60);
    expect(fn () => Stamp::query()->where('bowl_id', $bowl['id'])->delete())->toThrow(QueryException::class);
});

it('copies, splits and moves bowls', function () {
    $bowl = retouch($this->v);
    $this->v->round('Later');
    $split = fn (array $more) => $this->postJson(
        "/api/bowls/{$bowl['id']}/split",
        $more + ['id' => (string) Str::uuid(), 'version' => 1, 'letter' => 'B'],
    );
    $made = $split(['percent' => 25])->assertCreated()->json();
    $grams = fn (array $visit): array => collect($visit['rounds'])
        ->flatMap(fn (array $round): array => $round['bowls'])
        ->mapWithKeys(fn (array $each): array => [$each['letter'] => $each['worked']['parts'][0]['grams']])
        ->all();
    expect($grams($made))->toBe(['A' => '45.0 g', 'B' => '15.0 g']);
    $split(['percent' => 25, 'letter' => 'C'])->assertConflict();
    $split(['percent' => 150, 'letter' => 'C'])->assertUnprocessable();
    app()->forgetScopedInstances();
    $copied = $split(['version' => 2, 'letter' => 'C'])->assertCreated()->json();
    expect($grams($copied))->toBe(['A' => '45.0 g', 'B' => '15.0 g', 'C' => '45.0 g']);
    $moved = $this->patchJson(
        "/api/bowls/{$bowl['id']}/place",
        ['version' => 2, 'round' => $copied['rounds'][1]['id'], 'place' => 0],
    )
        ->assertOk()
        ->json();
    expect(array_map(
        fn (array $round): array => array_column($round['bowls'], 'letter'),
        $moved['rounds'],
    ))->toBe([['B', 'C'], ['A']]);
    $c = collect($moved['rounds'][0]['bowls'])->firstWhere('letter', 'C');
    $again = $this->patchJson(
        "/api/bowls/{$c['id']}/place",
        ['version' => 1, 'round' => $moved['rounds'][0]['id'], 'place' => 0],
    )
        ->assertOk()
        ->json();
    expect(array_column($again['rounds'][0]['bowls'], 'letter'))->toBe(['C', 'B']);
    $this
        ->patchJson("/api/bowls/{$c['id']}/place", ['version' => 1, 'round' => $moved['rounds'][0]['id'], 'place' => 0])
        ->assertConflict();
    $this->deleteJson("/api/rounds/{$moved['rounds'][1]['id']}", ['version' => 1])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'The round “Later” still has bowls.');
});

it('renames a round and takes an empty one out', function () {
    $this->v->round('Later');
    $id = $this->v->visit['rounds'][1]['id'];
    $this->patchJson("/api/rounds/{$id}", ['version' => 1, 'name' => 'Tone'])
        ->assertOk()
        ->assertJsonPath('rounds.1.name', 'Tone')
        ->assertJsonPath('rounds.1.version', 2);
    // A second device that has not seen the new name changes nothing and is shown it.
    $this->patchJson("/api/rounds/{$id}", ['version' => 1, 'name' => 'Gloss'])
        ->assertConflict()
        ->assertJsonPath('newer.rounds.1.name', 'Tone');
    $this->deleteJson("/api/rounds/{$id}", ['version' => 1])->assertConflict();
    $this->patchJson("/api/rounds/{$id}", ['name' => 'Gloss'])->assertUnprocessable();
    $this->patchJson("/api/rounds/{$id}", ['version' => 2, 'name' => ''])->assertUnprocessable();
    $this->deleteJson("/api/rounds/{$id}", ['version' => 2])->assertOk()->assertJsonCount(1, 'rounds');
});

it('adjusts a bowl, shows what changed, and keeps the reason', function () {
    $bowl = retouch($this->v);
    $made = $this->postJson(
        "/api/bowls/adjusted?visit={$this->v->visit['id']}",
        ['bowl' => $bowl['sheet'], 'change' => ['kind' => 'strength', 'value' => '30 vol']],
    )
        ->assertOk()
        ->json();
    expect(array_column($made['ways'][0]['rows'], 'after', 'what'))->toMatchArray(['Developer' => '30 vol (9 %)']);
    $this
        ->postJson(
            '/api/bowls/adjusted',
            ['bowl' => $bowl['sheet'], 'change' => ['kind' => 'level', 'value' => 'very']],
        )
        ->assertUnprocessable();
    $this
        ->postJson('/api/bowls/adjusted', ['bowl' => $bowl['sheet'], 'change' => ['kind' => 'sparkle']])
        ->assertUnprocessable();
    $this
        ->putJson(
            "/api/bowls/{$bowl['id']}",
            ['version' => 1, 'bowl' => $made['ways'][0]['sheet'], 'reason' => 'grey shows at the temples'],
        )
        ->assertOk();
    $this->v->refresh();
    expect($this->v->visit['proposals'][0])->toMatchArray([
        'source' => 'adjust',
        'state' => 'applied',
        'letter' => 'A',
        'reason' => 'grey shows at the temples',
    ])
        ->and($this->v->visit['proposals'][0]['words'])->toContain('Developer 20 vol (6 %) → 30 vol (9 %)');
    // A reason without a change is no adjustment.
    $this
        ->putJson(
            "/api/bowls/{$bowl['id']}",
            ['version' => 2, 'bowl' => $made['ways'][0]['sheet'], 'reason' => 'nothing'],
        )
        ->assertOk();
    expect($this->v->refresh()->visit['proposals'])->toHaveCount(1);
});

it('reads a change in words, shows it in grams, and asks once what grams are of', function () {
    $bowl = retouch($this->v);
    $visit = $this->v->visit['id'];
    $try = fn (string $words) => $this->postJson(
        "/api/bowls/adjusted?visit={$visit}",
        ['bowl' => $bowl['sheet'], 'words' => $words],
    );
    $totals = fn (array $made): array => array_combine(
        array_column($made['ways'], 'of'),
        array_map(fn (array $way): string => array_column($way['rows'], 'after', 'what')['Total'], $made['ways']),
    );
    // 60 g at 1:1.5.
    expect($totals($try('5 g less')->assertOk()->json()))->toBe(['colour' => '137.5 g', 'mixture' => '145.0 g'])
        ->and($totals($try('5 g of colour less')->assertOk()->json()))->toBe(['ask' => '137.5 g']);
    $said = $try('a strength up, sparkling, if it is cold')->assertOk()->json();
    expect($said['conditions'])->toBe(['it is cold'])->and($said['notUnderstood'][0])->toContain('sparkling');
    $try('sing a song')->assertUnprocessable()->assertJsonPath('message', '“sing a song” is not understood.');
    $try('')->assertUnprocessable();
    $this->postJson("/api/visits/{$visit}/grams-mean", ['of' => 'moon'])->assertUnprocessable();
    $this->postJson("/api/visits/{$visit}/grams-mean", ['of' => 'mixture'])
        ->assertOk()
        ->assertJsonPath('of', 'mixture');
    // It is a rule of the house from now on; a second answer does not turn it over.
    $this->postJson("/api/visits/{$visit}/grams-mean", ['of' => 'colour'])->assertOk()->assertJsonPath('of', 'mixture');
    app()->forgetScopedInstances();
    $this->v->member->unsetRelation('salon');
    expect($totals($try('5 g less')->assertOk()->json()))->toBe(['ask' => '145.0 g']);
});

it('makes two bowls one, which is named where the other was', function () {
    $root = ['regions' => [], 'spans' => ['root']];
    $a = $this->v->bowl(
        'Colour',
        'A',
        'Root',
        'Tidewater',
        ['6N' => '1', '6C' => '1'],
        [20 => 'all'],
        ['colour', '40 g'],
        ['place' => [$root]],
    );
    $b = $this->v->bowl(
        'Colour',
        'B',
        'Foils',
        'Tidewater',
        ['6N' => '20 g', '7C' => '10 g'],
        [20 => 'all'],
        null,
        ['note' => 'fine ones'],
    );
    $c = $this->v->bowl(
        'Colour',
        'C',
        'Ends',
        'Tidewater',
        ['7C' => '1'],
        [20 => 'all'],
        ['colour', '20 g'],
        ['after' => 'B', 'plus' => 10, 'rinse' => 'B'],
    );
    $d = $this->v->bowl('Colour', 'D', 'Gloss', 'Slack Water', ['8G' => '1'], [10 => 'all'], ['colour', '20 g']);
    $merge = fn (array $more) => $this->postJson(
        "/api/bowls/{$a['id']}/merge",
        $more + ['version' => 1, 'other' => $b['id'], 'otherVersion' => 1],
    );
    $merge(['version' => 7])->assertConflict();
    $merge(['otherVersion' => 7])->assertConflict();
    $merge(['other' => $a['id']])->assertNotFound();
    $merge(['other' => (string) Str::uuid()])->assertNotFound();
    $merge(['other' => $d['id']])->assertUnprocessable();
    $this->v->refresh();
    expect(array_column($this->v->visit['rounds'][0]['bowls'], 'letter'))->toBe(['A', 'B', 'C', 'D']);
    $merged = $merge([])->assertOk()->json('rounds.0.bowls');
    expect(array_column($merged, 'letter'))->toBe(['A', 'C', 'D'])
        ->and($merged[0]['job'])->toBe('Root + Foils')->and($merged[0]['sheet']['note'])->toBe('fine ones')
        ->and(array_column($merged[0]['worked']['parts'][0]['ingredients'], 'grams', 'label'))
        ->toBe(['6N' => '40.0 g', '6C' => '20.0 g', '7C' => '10.0 g'])
        ->and([$merged[1]['sheet']['after'], $merged[1]['sheet']['rinse']])->toBe(['A', 'A']);
    app()->forgetScopedInstances();
    $this->v->testSkin()->weigh('A');
    $this
        ->postJson("/api/bowls/{$a['id']}/merge", ['version' => 2, 'other' => $c['id'], 'otherVersion' => 2])
        ->assertUnprocessable();
});

it('finds stand-ins and keeps what was wanted', function () {
    $bowl = retouch($this->v);
    $found = $this->postJson(
        '/api/bowls/substitutes',
        ['bowl' => $bowl['sheet'], 'product' => $this->v->product('Tidewater', '6G'), 'why' => 'tube dry'],
    )
        ->assertOk()
        ->json();
    expect($found)->not->toBeEmpty();
    $saved = $this->putJson("/api/bowls/{$bowl['id']}", ['version' => 1, 'bowl' => $found[0]['sheet']])
        ->assertOk()
        ->json();
    expect(array_column($saved['sheet']['parts'][0]['ingredients'], 'why'))->toContain('tube dry')
        ->and($saved['worked']['total'])->toBe('150.0 g');
    $this
        ->postJson('/api/bowls/substitutes', ['bowl' => $bowl['sheet'], 'product' => 'shade-0'])
        ->assertUnprocessable();
});

it('turns what is to change into proposals that the next visit applies, leaves or takes back', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->close(['change' => "30 vol instead of 20\n5 g of colour less; buy towels", 'results' => []])->repeat();
    $by = fn (string $words): array => collect($this->v->visit['proposals'])->firstWhere('words', $words);
    [$strength, $less, $towels] = [$by('30 vol instead of 20'), $by('5 g of colour less'), $by('buy towels')];
    expect([
        $strength['kind'],
        $less['kind'],
        $towels['kind'],
        $towels['canApply'],
    ])->toBe(['strength', 'amount', 'words', false]);
    $decide = fn (array $proposal, array $fields) => $this->patchJson("/api/proposals/{$proposal['id']}", $fields);
    $decide($strength, ['do' => 'apply', 'version' => 9])->assertConflict();
    app()->forgetScopedInstances();
    $decide($strength, ['do' => 'apply', 'version' => 1])->assertOk();
    $decide($strength, ['do' => 'apply', 'version' => 2])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This was decided already.');
    $decide($less, ['do' => 'dismiss', 'reason' => 'it was just right'])->assertOk();
    $decide($towels, ['do' => 'apply'])->assertOk();
    $decide($strength, ['do' => 'sing'])->assertUnprocessable();
    $this->v->refresh();
    expect($this->v->of('A')['worked']['strength']['developer'])->toBe('30 vol (9 %)')
        ->and(array_column($this->v->visit['proposals'], 'state'))->toBe(['applied', 'dismissed', 'applied'])
        ->and($by('5 g of colour less')['reason'])->toBe('it was just right');
    $decide($strength, ['do' => 'take-back', 'version' => 2])->assertOk();
    expect($this->v->refresh()->of('A')['worked']['strength']['developer'])->toBe('20 vol (6 %)')
        ->and($by('30 vol instead of 20')['state'])->toBe('open');
    // In the client file it waits until it is decided.
    expect(array_column(
        $this->getJson("/api/clients/{$this->v->client->id}")->json('waiting'),
        'words',
    ))->toBe(['30 vol instead of 20']);
});

it('adds a bowl that was asked for, and asks what grams are of', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->close(['change' => "another bowl like A for the fringe, 30 g\n5 g less", 'results' => []])->repeat();
    [$more, $less] = $this->v->visit['proposals'];
    expect([
        $more['kind'],
        $more['change'],
        $less['kind'],
        $less['change']['value'],
    ])->toBe(['add-bowl', null, 'grams', '-5 g']);
    $apply = fn (array $proposal, array $with = []) => $this->patchJson(
        "/api/proposals/{$proposal['id']}",
        $with + ['do' => 'apply', 'version' => 1],
    );
    // Of what the five grams are is not said, and nobody has answered it yet.
    $apply($less)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'It is not said whether -5 g is of the colour or of the mixture.');
    app()->forgetScopedInstances();
    $visit = $apply($more)->assertOk()->json();
    $bowls = collect($visit['rounds'])->flatMap(fn (array $round): array => $round['bowls'])->keyBy('letter');
    expect([
        $bowls['B']['job'],
        $bowls['B']['worked']['total'],
        $bowls['A']['worked']['total'],
    ])->toBe(['fringe', '30.0 g', '150.0 g']);
    $visit = $apply($less, ['of' => 'mixture'])->assertOk()->json();
    expect(
        collect($visit['rounds'])
            ->flatMap(fn (array $round): array => $round['bowls'])
            ->keyBy('letter')['A']['worked']['total'],
    )->toBe('145.0 g')
        ->and($this->v->salon->refresh()->rules()->gramsMean->value)->toBe('mixture');
});

it('works out at the repeat what must differ', function () {
    retouch($this->v);
    $this->v->canvas([
        'root' => ['spans' => ['root', 'regrowth'], 'natural' => '6', 'level' => '6', 'regrowth' => '2'],
        'ends' => ['spans' => ['mids', 'ends'], 'level' => '6', 'history' => 'coloured'],
    ]);
    $this->v->testSkin()->weigh('A');
    $this->v->close(['results' => [['zone' => 'ends', 'level' => '6.5', 'tone' => ['gold']]]]);
    App\Models\Shade::query()
        ->whereKey((int) substr($this->v->product('Tidewater', '6G'), 6))
        ->update(['withdrawn' => true]);
    App\Models\Developer::query()->whereKey((int) substr($this->v->developer(20), 10))->update(['withdrawn' => true]);
    $this->v->repeat(weeks: 14);
    $said = array_column($this->v->visit['proposals'], 'words');
    expect($said)->toBe([
        '6G is not to be had any more',
        '20 vol is not to be had any more',
        'The amount follows the regrowth',
    ])
        ->and($this->v->grams('A'))->not->toHaveKey('6G')->toHaveKey('30 vol')
        ->and($this->v->of('A')['worked']['strength']['developer'])->toBe('20 vol (6 %)')
        ->and($this->v->visit['canvas']['canvas']['zones'][0]['regrowth'])->toBe('4.1')
        ->and($this->v->visit['canvas']['canvas']['zones'][1])
        ->toMatchArray(['level' => '6.5', 'tone' => ['gold'], 'history' => 'coloured'])
        ->and($this->v->visit['canvas']['said'][1])->toBe('Root: regrowth 4.1 cm.');
    // The latest goes back first; an earlier one would take it along unseen.
    [$shade, , $regrowth] = $this->v->visit['proposals'];
    $this->patchJson("/api/proposals/{$shade['id']}", ['do' => 'take-back', 'version' => $this->v->of('A')['version']])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Bowl A was changed since.');
    // More for the regrowth is offered: one press takes it, another takes it back.
    $total = fn (): string => $this->v->refresh()->of('A')['worked']['total'];
    $act = fn (string $what) => $this
        ->patchJson("/api/proposals/{$regrowth['id']}", ['do' => $what, 'version' => $this->v->of('A')['version']])
        ->assertOk();
    expect($total())->toBe('150.0 g');
    $act('apply');
    expect($total())->toBe('307.5 g');
    $act('take-back');
    expect($total())->toBe('150.0 g')->and($this->v->grams('A'))->toHaveKey('30 vol');
    $compared = $this->getJson("/api/visits/{$this->v->visit['from']['id']}/compare/{$this->v->visit['id']}")
        ->assertOk()
        ->json();
    expect(array_column($compared['pairs'][0]['rows'], 'difference', 'what')['Developer'] ?? '')->toBe('')
        ->and($compared['pairs'][0]['before'])->toBe('A');
});

it('refuses results for a zone that was never read', function () {
    retouch($this->v);
    $this->v->weigh('A');
    $this->v->settle();
    $close = ['version' => $this->v->visit['version'], 'verdict' => 'good'];
    $path = "/api/visits/{$this->v->visit['id']}/close";
    $this->postJson($path, $close + ['results' => [['zone' => 'moon', 'level' => '5']]])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/results/0/zone');
    $this->postJson($path, $close + ['nextOn' => '1999-01-01'])->assertUnprocessable();
    $this->postJson(
        $path,
        $close + ['nextOn' => now()->addWeeks(5)->toDateString(), 'lasting' => true, 'bright' => false],
    )
        ->assertOk()
        ->assertJsonPath('bright', false)
        ->assertJsonPath('covering', null)
        ->assertJsonPath('nextOn', now()->addWeeks(5)->toDateString());
});

it('finds clients by what was done to them', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $search = fn (string $text): array => $this->getJson('/api/clients?search='.urlencode($text))->assertOk()->json();
    expect($search('6g'))->toBe([]);
    $this->v->close();
    foreach (['6g', 'tidew', 'touch', 'workspace 6n tidewater', 'CLIENT'] as $text) {
        expect(array_column($search($text), 'id'))->toBe([$this->v->client->id], $text);
    }
    expect($search('6g')[0]['by'])->toBe(['shade 6g'])
        ->and($search('9v'))->toBe([])
        ->and($search('6g nobody'))->toBe([]);
});

it('changes a client’s particulars, never over somebody else’s', function () {
    $path = "/api/clients/{$this->v->client->id}";
    $this->v->member->fill(['licence' => 'L-5'])->save();
    $fields = [
        'name' => 'Nia Roe',
        'phone' => '0555 778',
        'about' => '',
        'cautions' => '',
        'bornOn' => now()->subYears(15)->toDateString(),
        'reason' => 'read off her passport',
    ];
    $this->putJson($path, $fields + ['version' => 1])
        ->assertOk()
        ->assertJsonPath('version', 2)
        ->assertJsonPath('safety.age', 15);
    $this->putJson($path, ['name' => 'Late', 'version' => 1] + $fields)
        ->assertConflict()
        ->assertJsonPath('newer.name', 'Nia Roe');
    expect(array_column($this->getJson('/api/clients?search=roe+778')->json(), 'name'))->toBe(['Nia Roe']);
    retouch($this->v);
    expect($this->v->visit['gate']['reasons'][0]['key'])->toBe('under-age');
});

it('asks a training head nothing and learns nothing from it', function () {
    $this->v->client->fill(['training' => true])->save();
    retouch($this->v);
    $this->v->weigh('A');
    $this->v->stamp('A', 'began', 'completed', 'rinsed');
    expect($this->v->of('A')['clock']['state'])->toBe('rinsed');
});

it('keeps another salon out of every door', function () {
    $bowl = retouch($this->v);
    $visit = $this->v->visit;
    $this->v->post(
        "clients/{$this->v->client->id}/skin-tests",
        ['id' => $test = (string) Str::uuid(), 'lines' => [$this->v->lines['Tidewater']], 'spot' => 'ear'],
    );
    $this->actingAs((new SmallSalon)->member());
    app()->forgetScopedInstances();
    $uuid = (string) Str::uuid();
    foreach ([
        ['putJson', "/api/visits/{$visit['id']}/canvas", ['version' => 0, 'canvas' => ['zones' => []]]],
        ['postJson', "/api/visits/{$visit['id']}/picture", ['drafts' => []]],
        ['postJson', "/api/visits/{$visit['id']}/waivers", ['id' => $uuid, 'reason' => 'let me in']],
        ['getJson', "/api/visits/{$visit['id']}/compare/{$visit['id']}", []],
        ['getJson', "/api/bowls/{$bowl['id']}/compare/{$bowl['id']}", []],
        ['patchJson', "/api/rounds/{$visit['rounds'][0]['id']}", ['name' => 'x']],
        ['deleteJson', "/api/rounds/{$visit['rounds'][0]['id']}", []],
        ['postJson', "/api/bowls/{$bowl['id']}/stamps", ['id' => $uuid, 'kind' => 'began']],
        [
            'patchJson',
            "/api/bowls/{$bowl['id']}/place",
            ['version' => 1, 'round' => $visit['rounds'][0]['id'], 'place' => 0],
        ],
        ['postJson', "/api/bowls/{$bowl['id']}/split", ['id' => $uuid, 'version' => 1, 'letter' => 'Z']],
        ['putJson', "/api/bowls/{$bowl['id']}/trial", ['version' => 1, 'level' => '5']],
        [
            'postJson',
            "/api/bowls/{$bowl['id']}/carry",
            [
                'id' => $uuid,
                'round' => $visit['rounds'][0]['id'],
                'letter' => 'Z',
                'grams' => '9 g',
                'corrections' => [],
            ],
        ],
        [
            'postJson',
            "/api/clients/{$this->v->client->id}/skin-tests",
            ['id' => $uuid, 'lines' => ['line-1'], 'spot' => 'ear'],
        ],
        ['patchJson', "/api/skin-tests/{$test}", ['result' => 'clear']],
        ['postJson', "/api/clients/{$this->v->client->id}/contraindications", ['id' => $uuid, 'kind' => 'face-rash']],
        ['putJson', "/api/clients/{$this->v->client->id}", ['version' => 1, 'name' => 'x']],
        [
            'postJson',
            "/api/clients/{$this->v->client->id}/photos",
            ['id' => $uuid, 'kind' => 'before', 'photo' => Illuminate\Http\UploadedFile::fake()->create('x.png', 1)],
        ],
    ] as [$verb, $path, $body]) {
        expect($this->{$verb}($path, $body)->status())->toBe(404, "{$verb} {$path}");
    }
    expect(Bowl::query()->where('letter', 'Z')->exists())->toBeFalse();
});

it('lets an assistant mark, test and look, but not plan or waive', function () {
    $bowl = retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->actingAs(TeamMember::query()->create([
        'salon_id' => $this->v->salon->id,
        'name' => 'Hand',
        'initials' => 'H',
        'role' => Role::Assistant,
        'email' => Str::uuid().'@test.example',
        'password' => 'a-long-password',
    ]));
    $visit = $this->v->visit;
    $this->postJson("/api/bowls/{$bowl['id']}/stamps", ['id' => (string) Str::uuid(), 'kind' => 'began'])
        ->assertCreated()
        ->assertJsonPath('rounds.0.bowls.0.clock.stamps.0.by', 'H');
    $this
        ->putJson("/api/visits/{$visit['id']}/canvas", ['version' => 0, 'canvas' => ['zones' => []]])
        ->assertForbidden();
    $this
        ->postJson("/api/bowls/{$bowl['id']}/split", ['id' => (string) Str::uuid(), 'version' => 1, 'letter' => 'Z'])
        ->assertForbidden();
    $this
        ->postJson(
            "/api/visits/{$visit['id']}/waivers",
            ['id' => (string) Str::uuid(), 'reason' => 'because I can do it', 'password' => 'a-long-password'],
        )
        ->assertForbidden();
});

it('keeps a bowl’s colour as a house blend, version by version, and remembers which was used', function () {
    $bowl = retouch($this->v);
    $keep = fn (array $sheet, string $name = 'Pebble') => $this->postJson(
        '/api/house-blends',
        ['name' => $name, 'bowl' => $sheet],
    );
    $keep($bowl['sheet'])->assertCreated()->assertJsonPath('version', 1);
    // The same again is the same version; another mix under the name is the next.
    $keep($bowl['sheet'], 'pebble')->assertCreated()->assertJsonPath('version', 1);
    $other = $bowl['sheet'];
    $other['parts'][0]['ingredients'] = [['product' => $this->v->product('Tidewater', '6N'), 'share' => 'all']];
    $keep($other)->assertCreated()->assertJsonPath('version', 2);
    $keep(['letter' => 'A'])->assertUnprocessable();
    expect(array_column($this->getJson('/api/shelf')->json('blends'), 'version'))->toBe([2, 1]);
    $used = $this->v->bowl(
        'Colour',
        'B',
        'Blend',
        'Tidewater',
        ['*Pebble' => '3', '7G' => '1'],
        [20 => 'all'],
        ['colour', '40 g'],
    );
    $this->v->refresh();
    expect($this->v->grams('B'))->toBe(['6N' => '20.0 g', '6G' => '10.0 g', '7G' => '10.0 g', '20 vol' => '60.0 g'])
        ->and($used['sheet']['parts'][0]['ingredients'][0])
        ->toBe(['blend' => 'Pebble', 'version' => 1, 'share' => '3']);
});

it('puts what is due on the hair before all else of the day', function () {
    $bowl = retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->postJson("/api/visits/{$this->v->visit['id']}/receive")->assertOk();
    $this->v->stamp('A', 'began', 'completed');
    $next = fn () => collect($this->getJson('/api/today')->json('visits'))->firstWhere(
        'id',
        $this->v->visit['id'],
    )['next'];
    // With colour on the hair nothing says “close”: the rinse is said by its minutes.
    expect($next())->toMatchArray(['do' => 'run', 'words' => 'Rinse A in 35 min']);
    $this->travel(36)->minutes();
    expect($next())->toMatchArray(['do' => 'run', 'words' => 'Rinse A now, 1 min late']);
    $this->travel(15)->minutes();
    expect($next()['words'])->toBe('Beyond its time: rinse A now, 16 min late');
    $this->v->stamp('A', 'rinsed');
    expect($next()['do'])->toBe('close')->and($bowl['id'])->toBe($this->v->of('A')['id']);
});

it('says whether a foil bowl will do, and that colour mixed too early is stale', function () {
    $bowl = retouch(
        $this->v,
        ['place' => [['regions' => ['top'], 'spans' => ['mids'], 'method' => 'fine-foils', 'foils' => 30]]],
    );
    $path = "/api/bowls/{$bowl['id']}/remix";
    $this->getJson("{$path}?done=10&left=60+g")
        ->assertUnprocessable()
        ->assertJsonPath('message', '60 g left of 0 g mixed cannot be.');
    $this->v->testSkin()->weigh('A');
    $this->getJson("{$path}?done=10&left=60+g")
        ->assertOk()
        ->assertJsonPath('times', '0.8')
        ->assertJsonPath('now', false);
    // Two thirds of thirty foils are twenty.
    $this->getJson("{$path}?done=two+thirds&left=30+g")->assertOk()->assertJsonPath('foils', 10);
    $this->getJson("{$path}?done=some&left=30+g")->assertUnprocessable()
        ->assertJsonPath('message', '“some” does not say how many foils are in.');
    $this->getJson("{$path}?done=10&left=plenty")->assertUnprocessable();
    $this->getJson("{$path}?done=40&left=6+g")->assertUnprocessable();
    expect($this->v->of('A')['clock']['stale'])->toBeNull();
    $this->travel(31)->minutes();
    expect($this->v->refresh()->of('A')['clock']['stale'])->toBe(31);
    $this->v->stamp('A', 'began');
    expect($this->v->of('A')['clock']['stale'])->toBeNull();
});

it('says what this client’s own bowls took, before what the table would', function () {
    retouch($this->v);
    $amount = fn () => $this->v->visit['picture']['amounts']['A'];
    expect($amount()['source'] ?? 'table')->toBe('table');
    $this->v->testSkin()->weigh('A', left: '20 g');
    $this->v->close()->repeat();
    expect($amount())->toMatchArray(['source' => 'own', 'of' => 'colour', 'take' => '60 g'])
        ->and($amount()['why'][0])->toBe('Last time 150 g were mixed (60 g colour) and 130 g used.');
    // What is kept of the past is read anew where the record says otherwise.
    Batch::query()->toBase()->update(['used_cg' => 110_00]);
    $this->v->refresh();
    expect($amount()['why'][0])->toBe('Last time 150 g were mixed (60 g colour) and 110 g used.');
    $before = $this->v->visit['from']['id'];
    $advised = $amount();
    Visit::query()->whereKey($before)->toBase()->update(['lasting' => false]);
    $this->v->refresh();
    expect($amount())->not->toBe($advised);
});

it('shows past visits as the record has them, also where they were worked before', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A', left: '20 g');
    $this->v->close();
    $bowl = function (): array {
        $this->app->forgetScopedInstances();

        return $this->getJson("/api/clients/{$this->v->visit['client']['id']}")->assertOk()->json('visits.0.bowls.0');
    };
    $before = $bowl();
    expect($before['used'])->toBe('130 g')->and($bowl())->toBe($before);
    foreach (
        [
            'used' => fn () => Batch::query()->toBase()->update(['used_cg' => 110_00]),
            'job' => fn () => Bowl::query()->toBase()->update(['job' => 'Root, again']),
            'spans' => fn () => Bowl::query()->each(
                fn (Bowl $each) => $each->update(['sheet' => ['place' => []] + $each->sheet]),
            ),
            'colour' => fn () => Shade::query()->each(fn (Shade $each) => $each->update(['code' => "{$each->code}x"])),
        ] as $field => $change
    ) {
        $change();
        $after = $bowl();
        expect($after[$field])->not->toBe($before[$field], $field)
            ->and(array_keys(array_filter($after, fn ($value, $key) => $value !== $before[$key], ARRAY_FILTER_USE_BOTH)))
            ->toContain($field);
        $before = $after;
    }
});

it('reads what was poured, not what was planned: on the bowl, in comparing and in the repeat', function () {
    $bowl = retouch($this->v);
    $this->v->testSkin();
    $batch = $this->v->post("bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid()]);
    $event = function (array $event) use (&$batch): void {
        $batch = $this->v->post(
            "batches/{$batch['id']}/events",
            $event + ['id' => (string) Str::uuid(), 'after' => $batch['sequence']],
        );
    };
    $planned = array_column($batch['lines'], 'target');
    foreach ($batch['lines'] as $at => $line) {
        // The second shade is poured 6 g over and taken as it is.
        $grams = $at === 1 ? ((float) $line['target'] + 6).' g' : $line['target'];
        $event(['kind' => 'poured', 'line' => $line['key'], 'grams' => $grams, 'source' => 'hand']);
        if ($at === 1) {
            $event(['kind' => 'accepted-over']);
        }
    }
    $event(['kind' => 'finished']);
    $poured = $this->v->refresh()->of('A')['poured'];
    $grams = array_column($poured['parts'][0]['ingredients'], 'grams');
    expect($grams[1])->toBe(number_format((float) $planned[1] + 6, 1).' g')->and($poured['total'])->toBe('156.0 g');
    $first = $this->v->visit['id'];
    $this->v->close()->repeat();
    expect($this->v->of('A')['worked']['total'])->toBe('156.0 g')
        ->and(array_column($this->v->visit['proposals'], 'words'))->toContain('As it was poured, not as it was planned')
        ->and($this->v->of('A')['poured'])->toBeNull();
    $rows = array_column(
        $this->getJson("/api/visits/{$first}/compare/{$this->v->visit['id']}")->json('pairs.0.rows'),
        null,
        'what',
    );
    expect($rows['Total']['before'])->toBe('156.0 g (planned 150.0 g)')->and($rows['Total']['after'])->toBe('156.0 g');
});

it('finds a client by what was poured, and reads the last visit in the grams that went in', function () {
    $bowl = retouch($this->v);
    $this->v->testSkin();
    $batch = $this->v->post("bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid()]);
    $event = function (array $event) use (&$batch): void {
        $batch = $this->v->post(
            "batches/{$batch['id']}/events",
            $event + ['id' => (string) Str::uuid(), 'after' => $batch['sequence']],
        );
    };
    // A shade that nobody planned goes in beside the others.
    $line = App\Models\ColourLine::query()->where('salon_id', $this->v->salon->id)->where('name', 'Tidewater')->sole();
    $other = $line->shades->first(
        fn ($shade): bool => ! in_array($shade->productId(), array_column($batch['lines'], 'key'), true),
    );
    $event(['kind' => 'added', 'line' => $other->productId()]);
    $event(['kind' => 'poured', 'line' => $other->productId(), 'grams' => '4 g', 'source' => 'hand']);
    foreach ($batch['lines'] as $line) {
        if (! $line['started']) {
            $event(['kind' => 'poured', 'line' => $line['key'], 'grams' => $line['target'], 'source' => 'hand']);
        }
    }
    $event(['kind' => 'finished']);
    $found = fn (): array => $this->getJson('/api/clients?'.http_build_query(['search' => $other->code]))
        ->assertOk()
        ->json();
    expect(json_encode($found()))->not->toContain($this->v->client->name);
    $this->v->close();
    expect(json_encode($found()))->toContain($this->v->client->name);
    $file = $this->getJson("/api/clients/{$this->v->client->id}")->json('visits.0.bowls.0');
    expect($file['poured'])
        ->toContain("4 g {$other->code}")
        ->and(substr_count($file['poured'], ' g '))
        ->toBe(count($batch['lines']));
});

it('keeps a service of the house and plans it with one press, in its rounds and under free letters', function () {
    retouch($this->v);
    $this->v->round('Tone');
    $this->v->bowl(
        'Tone',
        'B',
        'Gloss',
        'Tidewater',
        ['9G' => 'all'],
        [10 => 'all'],
        ['total', '60 g'],
        ['after' => 'A', 'place' => [['regions' => [], 'spans' => ['ends']]]],
    );
    $from = $this->v->visit['id'];
    $kept = $this->postJson("/api/visits/{$from}/template", ['name' => 'Root and gloss'])->assertCreated()->json();
    // The same name again is the same service.
    expect(
        $this->postJson("/api/visits/{$from}/template", ['name' => 'Root and gloss'])->json('id'),
    )->toBe($kept['id']);
    $this->getJson("/api/visits/{$from}/bowls-to-take")
        ->assertOk()
        ->assertJsonPath('services', [['id' => $kept['id'], 'name' => 'Root and gloss', 'bowls' => 2]]);
    $other = $this->v->ofAnother('Another');
    $visit = $other->visit['id'];
    $id = (string) Str::uuid();
    $made = $this->postJson("/api/visits/{$visit}/templates/{$kept['id']}", ['id' => $id])->assertCreated()->json();
    expect(
        array_map(fn (array $round): array => array_column($round['bowls'], 'letter'), $made['rounds']),
    )->toBe([['A'], ['B']])
        ->and($made['rounds'][1]['bowls'][0]['sheet']['after'])->toBe('A')
        ->and($made['rounds'][0]['bowls'][0]['worked']['total'])->toBe($this->v->of('A')['worked']['total']);
    // The same press again plans nothing twice; another one takes free letters, and who is named goes by the new one.
    $this->postJson("/api/visits/{$visit}/templates/{$kept['id']}", ['id' => $id])
        ->assertCreated()
        ->assertJsonCount(1, 'rounds.0.bowls');
    $twice = $this->postJson("/api/visits/{$visit}/templates/{$kept['id']}", ['id' => (string) Str::uuid()])
        ->assertCreated()
        ->json();
    expect(
        array_map(fn (array $round): array => array_column($round['bowls'], 'letter'), $twice['rounds']),
    )->toBe([['A', 'C'], ['B', 'D']])
        ->and($twice['rounds'][1]['bowls'][1]['sheet']['after'])->toBe('C');
    $empty = $this->v->ofAnother('Nothing planned');
    $this->postJson("/api/visits/{$empty->visit['id']}/template", ['name' => 'Nothing'])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'No bowl is planned in this visit.');
    $this->actingAs((new SmallSalon)->member());
    $this->postJson("/api/visits/{$visit}/templates/{$kept['id']}", ['id' => (string) Str::uuid()])->assertNotFound();
    $this->deleteJson("/api/templates/{$kept['id']}")->assertNotFound();
    $this->actingAs($this->v->member);
    $this->deleteJson("/api/templates/{$kept['id']}")->assertOk();
    $this->getJson("/api/visits/{$from}/bowls-to-take")->assertJsonPath('services', []);
});

it('takes a blend of the house as a bowl: a proportion until somebody says how much', function () {
    $bowl = retouch($this->v);
    $this->postJson('/api/house-blends', ['name' => 'Harbour glaze', 'bowl' => $bowl['sheet']])->assertSuccessful();
    $blend = $this->getJson("/api/visits/{$this->v->visit['id']}/bowls-to-take")->assertOk()->json('blends.0');
    expect($blend['name'])->toBe('Harbour glaze');
    $round = $this->v->visit['rounds'][0]['id'];
    $this->app->forgetScopedInstances();
    $made = $this->postJson(
        "/api/rounds/{$round}/bowls",
        ['id' => (string) Str::uuid(), 'bowl' => ['letter' => 'B'] + $blend['sheet']],
    )
        ->assertCreated()
        ->json();
    expect($made['job'])->toBe('Harbour glaze')->and($made['worked']['known'])->toBeFalse();
});

it('lets a change wait in every visit that is planned, until one of them has carried it out', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->close(['change' => '10 g of colour more']);
    $from = $this->v->visit['id'];
    $repeat = fn (): array => $this->postJson("/api/visits/{$from}/repeat", ['id' => (string) Str::uuid()])
        ->assertCreated()
        ->json();
    $said = fn (string $visit): array => collect(
        $this->getJson("/api/visits/{$visit}")->json('proposals'),
    )->firstWhere('source', 'review') ?? [];
    $one = $repeat();
    $two = $repeat();
    expect($said($one['id'])['state'])->toBe('open')->and($said($two['id'])['state'])->toBe('open');
    // Taken in the first, it waits in the second all the same, and in a third.
    $this->patchJson(
        "/api/proposals/{$said($one['id'])['id']}",
        ['do' => 'apply', 'version' => $one['rounds'][0]['bowls'][0]['version']],
    )->assertOk();
    expect($said($two['id'])['state'])->toBe('open')->and($said($repeat()['id'])['state'])->toBe('open');
    // The first does not take place: nothing is lost. Taken up again, nothing is doubled.
    $version = $this->getJson("/api/visits/{$one['id']}")->json('version');
    $version = $this->postJson(
        "/api/visits/{$one['id']}/end",
        ['version' => $version, 'why' => 'cancelled', 'reason' => ''],
    )
        ->assertOk()
        ->json('version');
    expect($said($two['id'])['state'])->toBe('open');
    $this->postJson("/api/visits/{$one['id']}/end", ['version' => $version, 'why' => null, 'reason' => ''])->assertOk();
    // Carried out and closed, it waits nowhere any more.
    $this->v->visit = $one;
    $this->v->refresh()->testSkin()->weigh('A');
    $this->v->close();
    expect($said($one['id'])['state'])->toBe('applied')->and($said($two['id']))->toMatchArray(['state' => 'dismissed'])
        ->and($said($two['id'])['reason'])->toContain('carried out on');
    expect($this->getJson("/api/clients/{$this->v->client->id}")->json('waiting'))->toBe([]);
});

it('sets free what a visit that does not take place had taken, and what nobody decided by its close', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->close(['change' => '10 g of colour more'])->repeat();
    $waiting = fn (): array => array_column(
        $this->getJson("/api/clients/{$this->v->client->id}")->json('waiting'),
        'words',
    );
    $visit = $this->v->visit;
    $proposal = collect($visit['proposals'])->firstWhere('source', 'review');
    $this->patchJson(
        "/api/proposals/{$proposal['id']}",
        ['do' => 'apply', 'version' => $this->v->of('A')['version']],
    )->assertOk();
    expect($waiting())->toBe([]);
    $ended = $this->postJson(
        "/api/visits/{$visit['id']}/end",
        ['version' => $this->getJson("/api/visits/{$visit['id']}")->json('version'), 'why' => 'no-show', 'reason' => ''],
    )
        ->assertOk()
        ->json();
    expect($waiting())->toBe(['10 g of colour more']);
    $this->postJson(
        "/api/visits/{$visit['id']}/end",
        ['version' => $ended['version'], 'why' => null, 'reason' => ''],
    )->assertOk();
    expect($waiting())->toBe([]);
});

it('times the sides of a head apart, and rinses the bowl when both are', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $bowl = $this->v->of('A')['id'];
    $mark = fn (string $kind, ?string $side) => $this->postJson(
        "/api/bowls/{$bowl}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => $kind, ...($side === null ? [] : ['side' => $side])],
    );
    $mark('began', 'left')->assertCreated();
    expect(array_column($this->v->refresh()->of('A')['sides'], 'side'))->toBe(['left', 'right']);
    // One answer to one question: not the whole bowl beside its sides.
    $mark('completed', null)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'The sides of this bowl are timed apart.');
    $this->travel(8)->minutes();
    $mark('completed', 'left')->assertCreated();
    $mark('began', 'right')->assertCreated();
    $this->travel(8)->minutes();
    $mark('completed', 'right')->assertCreated();
    $this->travel(30)->minutes();
    $mark('rinsed', 'left')->assertCreated();
    $now = $this->v->refresh()->of('A');
    expect(
        array_map(fn (array $side): string => $side['clock']['state'], $now['sides']),
    )->toBe(['rinsed', 'processing'])
        ->and($now['clock']['state'])->toBe('processing')
        ->and($this->v->visit['leftOpen'])->toBe(['Bowl A is still on the hair: nobody marked it rinsed']);
    $this->travel(6)->minutes();
    $mark('rinsed', 'right')->assertCreated();
    expect($this->v->refresh()->of('A')['clock'])->toMatchArray(
        ['state' => 'rinsed', 'processed' => 36, 'applied' => 16],
    );
    $this->v->close();
    expect($this->v->visit['status'])->toBe('closed');
});

it('plans the sum of two batches, with where it was split', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->weigh('A', how: ['times' => '1/2']);
    expect($this->v->of('A')['poured']['total'])->toBe('225.0 g');
    $this->v->close()->repeat();
    $said = collect($this->v->visit['proposals'])->firstWhere('source', 'repeat');
    expect($this->v->of('A')['worked']['total'])->toBe('225.0 g')
        ->and($said['reason'])->toContain('150 g, 75 g (× 1/2)');
});

it('gives a later batch its own strength, foils, hands, place and clock', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->stamp('A', 'began', 'completed');
    $this->v->weigh(
        'A',
        how: ['times' => '1/3', 'strength' => '30 vol', 'foils' => 8, 'place' => 'right side', 'hands' => 'Noor'],
    );
    [$first, $second] = $this->v->refresh()->of('A')['batches'];
    expect($second['said'])->toBe('at 30 vol, × 1/3, 8 foils, right side, Noor')
        ->and($first['clock'])->toBeNull()->and($second['clock']['state'])->toBe('waiting');
    $bowl = $this->v->of('A');
    $mark = fn (string $kind, string $batch) => $this->postJson(
        "/api/bowls/{$bowl['id']}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => $kind, 'batch' => $batch],
    );
    $this->travel(20)->minutes();
    $mark('began', $second['id'])->assertCreated();
    $mark('completed', $second['id'])->assertCreated();
    $this->travel(20)->minutes();
    // The first has had its time, the second has not; each is rinsed by itself.
    $now = $this->v->refresh()->of('A');
    expect($now['clock']['state'])->toBe('due')->and($now['batches'][1]['clock']['state'])->toBe('processing');
    $this->v->stamp('A', 'rinsed');
    expect($this->v->of('A')['clock']['processed'])
        ->toBe(40)
        ->and($this->v->of('A')['batches'][1]['clock']['state'])
        ->toBe('processing');
    $mark('undone', $second['id'])->assertCreated();
    expect($this->v->refresh()->of('A')['batches'][1]['clock']['stamps'])->toHaveCount(1);
    $mark('began', (string) Str::uuid())->assertUnprocessable();
});

it('says how a later batch of lightener catches up with the first', function () {
    $this->v->bowl('Colour', 'A', 'Foils', 'Brightwork', ['Powder' => 'all'], [20 => 'all'], ['colour', '30 g'], [
        'minutes' => 45,
        'place' => [['regions' => ['top'], 'spans' => ['mids'], 'method' => 'fine-foils', 'foils' => 30]],
    ]);
    $this->v->refresh()->testSkin()->weigh('A');
    $later = fn () => $this->getJson("/api/bowls/{$this->v->of('A')['id']}/bench")->assertOk()->json('later');
    expect($later())->toBeNull(); // It has not gone on yet.
    $this->v->stamp('A', 'began');
    $this->travel(25)->minutes();
    expect($later())->toBe(['strength' => '30 vol', 'why' => [
        'It starts 25 min after the first batch went on, which works 45 min.',
        'One strength up, 30 vol, reaches the same lift by the same rinse.',
    ]]);
    $this->v->canvas(['mids' => ['spans' => ['mids'], 'level' => '6', 'porosity' => 'high']]);
    expect($later()['strength'])->toBe('')->and($later()['why'][1])->toContain('porous');
});

it('moves a visit, names it, keeps a note, and takes back one that was repeated by mistake', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->close(['change' => '5 g less of the colour'])->repeat();
    $visit = $this->v->visit;
    $path = "/api/visits/{$visit['id']}";
    $changed = $this->patchJson($path, [
        'version' => $visit['version'], 'service' => 'Root, longer', 'note' => 'Comes with her sister',
        'startsAt' => now()
            ->addDays(9)
            ->format('Y-m-d').'T14:30',
    ])->assertOk()->json();
    expect($changed)->toMatchArray(['service' => 'Root, longer', 'note' => 'Comes with her sister'])
        // By the salon's own clock.
        ->and(
            CarbonImmutable::parse($changed['startsAt'])->setTimezone($this->v->salon->timezone)->format('H:i'),
        )->toBe('14:30');
    $this->patchJson($path, ['version' => $changed['version'], 'startsAt' => 'next week'])->assertUnprocessable();
    $this->deleteJson($path, ['version' => $visit['version']])->assertConflict();
    $this->deleteJson($path, ['version' => $changed['version']])->assertOk();
    $this->getJson($path)->assertNotFound();
    // What was to change waits for the next one.
    $waiting = Proposal::query()->where('client_id', $visit['client']['id'])->where('source', 'review')->sole();
    expect($waiting->visit_id)->toBeNull()->and($waiting->state->value)->toBe('open');
});

it('closes a visit over a batch that was left before its first gram', function () {
    retouch($this->v);
    $this->v->bowl('Colour', 'B', 'Ends', 'Tidewater', ['7G' => 'all'], [10 => 'all'], ['colour', '20 g']);
    $this->v->refresh()->testSkin()->weigh('A');
    $begun = $this->v->post("bowls/{$this->v->of('B')['id']}/batches", ['id' => (string) Str::uuid()]);
    $this->v->post(
        "batches/{$begun['id']}/events",
        ['id' => (string) Str::uuid(), 'after' => 0, 'kind' => 'withdrawn'],
    );
    expect($this->v->close()->visit['status'])->toBe('closed')->and($this->v->of('B')['state'])->toBe('planned');
});

it('ends a visit that does not take place, with its reason, and takes it up again', function () {
    retouch($this->v);
    $end = fn (?string $why, string $reason = '') => $this->postJson(
        "/api/visits/{$this->v->visit['id']}/end",
        ['version' => $this->v->refresh()->visit['version'], 'why' => $why, 'reason' => $reason],
    );
    $ended = $end('cancelled', 'ill')->assertOk()->json();
    expect($ended)->toMatchArray(['status' => 'ended', 'endedReason' => 'cancelled: ill']);
    // Nothing is done in it any more.
    $bowl = $this->v->of('A');
    $this->postJson("/api/bowls/{$bowl['id']}/batches", ['id' => (string) Str::uuid()])->assertUnprocessable();
    $this->putJson(
        "/api/bowls/{$bowl['id']}",
        ['version' => $bowl['version'], 'bowl' => $bowl['sheet']],
    )->assertUnprocessable();
    expect($this->getJson('/api/today')->json('visits.0'))->toMatchArray(
        ['status' => 'ended', 'outcome' => 'cancelled: ill'],
    );
    expect($end(null)->assertOk()->json())->toMatchArray(['status' => 'expected', 'endedReason' => '']);
    $end('elsewhere')->assertUnprocessable();
    // Where colour went on, it is closed with what came of it.
    $this->v->testSkin()->weigh('A');
    $this->v->stamp('A', 'began');
    $end('no-show')->assertUnprocessable();
    $this->v->close();
    $end('cancelled')->assertUnprocessable();
});

it('takes no visit back of which something has happened', function () {
    retouch($this->v);
    $begun = $this->v->post("bowls/{$this->v->of('A')['id']}/batches", ['id' => (string) Str::uuid()]);
    $this->v->post(
        "batches/{$begun['id']}/events",
        ['id' => (string) Str::uuid(), 'after' => 0, 'kind' => 'withdrawn'],
    );
    $visit = $this->v->refresh()->visit;
    $this->deleteJson("/api/visits/{$visit['id']}", ['version' => $visit['version']])->assertUnprocessable();
    $bowl = $this->v->of('A');
    $this->deleteJson("/api/bowls/{$bowl['id']}", ['version' => $bowl['version']])->assertUnprocessable()
        ->assertJsonPath('message', 'A batch of bowl A was begun and left; the record keeps it, so the bowl stays.');
    // First touch seats a client that nobody seated.
    expect($visit['status'])->toBe('expected');
    $this->v->testSkin()->weigh('A');
    $this->v->stamp('A', 'began');
    expect($this->v->refresh()->visit['status'])->toBe('in-chair');
});

it('asks such heads of the house where this client has no such bowl yet', function () {
    foreach (range(1, 5) as $number) {
        $other = $this->v->ofAnother("House {$number}");
        retouch($other);
        $other->testSkin()->weigh('A', left: (10 * $number).' g');
        $other->close();
    }
    retouch($this->v);
    expect($this->v->refresh()->visit['picture']['amounts']['A'])
        ->toMatchArray(['source' => 'house', 'of' => 'total', 'take' => '120 g']);
});

it('reads bowls as they are written on a card, and what they are like', function () {
    retouch($this->v);
    $read = fn (string $text): array => $this->postJson(
        "/api/visits/{$this->v->visit['id']}/written",
        ['text' => $text],
    )
        ->assertOk()
        ->json('bowls');
    [$own, $like, $none] = $read("30 6N + 15 6G, 1:2 15 vol, root, moonlight\nas A, 30 vol\ngood morning");
    expect($own['sheet']['letter'])->toBe('B')
        ->and($own['rest'])->toBe(['moonlight'])
        ->and($own['place'])->toBe('all over, root')
        ->and($none['place'])->toBe('')
        ->and($own['worked']['total'])->toBe('135.0 g')
        // 15 vol is made of what the line has.
        ->and($own['worked']['strength']['developer'])->toStartWith('15 vol')
        ->and($like['sheet']['letter'])->toBe('C')
        ->and($like['worked']['strength']['developer'])->toStartWith('30 vol')
        ->and($like['worked']['total'])->toBe('150.0 g')
        ->and($like['sheet']['place'])->toBe($this->v->of('A')['sheet']['place'])
        ->and($none)->toMatchArray(['sheet' => null, 'rest' => ['good morning']]);
    $this->postJson("/api/visits/{$this->v->visit['id']}/written", ['text' => ''])->assertUnprocessable();
    expect($read('as Z, 30 vol')[0])->toMatchArray(['sheet' => null]);
});

it('offers bowls of the last visit and of another client, as they were poured', function () {
    retouch($this->v);
    $this->v->testSkin()->weigh('A');
    $this->v->close()->repeat();
    $take = fn (string $of = ''): array => $this->getJson("/api/visits/{$this->v->visit['id']}/bowls-to-take{$of}")
        ->assertOk()
        ->json('bowls');
    expect($take())->toHaveCount(1)->and($take()[0])->toMatchArray(['letter' => 'A', 'job' => 'Root'])
        ->and($take()[0]['written'])->toContain('6N');
    $other = $this->v->ofAnother('Marigold Quill');
    retouch($other);
    $other->testSkin()->weigh('A');
    $other->close();
    expect(array_column($take('?q=marigold'), 'client'))->toBe(['Client of Marigold Quill'])
        ->and($take('?q=nobody+of+that+name'))->toBe([]);
    $salon = new SmallSalon;
    $this->actingAs($salon->member());
    $this->getJson("/api/visits/{$this->v->visit['id']}/bowls-to-take")->assertNotFound();
    $this->postJson("/api/visits/{$this->v->visit['id']}/written", ['text' => '6N'])->assertNotFound();
});

it('keeps patterns and clocks together when a bowl gets another letter', function () {
    $first = retouch($this->v);
    $this->v->bowl(
        'Colour',
        'B',
        'Ends',
        'Tidewater',
        ['7G' => 'all'],
        [10 => 'all'],
        ['colour', '20 g'],
        [
            'after' => 'A',
            'plus' => 20,
            'rinse' => 'A',
            'place' => [['regions' => ['top'], 'spans' => ['ends'], 'pattern' => '2:1', 'with' => ['A']]],
        ],
    );
    $this->v->bowl('Colour', 'C', 'Nape', 'Tidewater', ['7G' => 'all'], [10 => 'all'], ['colour', '20 g']);
    $this
        ->putJson("/api/bowls/{$first['id']}", ['version' => 1, 'bowl' => ['letter' => 'R'] + $first['sheet']])
        ->assertOk();
    $this->v->refresh();
    expect($this->v->of('B')['sheet'])->toMatchArray(['after' => 'R', 'rinse' => 'R'])
        ->and($this->v->of('B')['sheet']['place'][0]['with'])->toBe(['R'])
        ->and([$this->v->of('B')['version'], $this->v->of('C')['version']])->toBe([2, 1]);
});

it('misses nothing on a head for which nothing is planned yet', function () {
    $salon = new SmallSalon;
    $this->actingAs($salon->member());
    $visit = $salon->planVisit($this);
    $zone = [
        'id' => 'root',
        'name' => 'Root',
        'regions' => [],
        'spans' => ['root'],
        'natural' => '6',
        'level' => '6',
        'tone' => [],
        'history' => 'natural',
        'wish' => ['level' => '7', 'tone' => ['gold'], 'words' => ''],
    ];
    $read = $this->putJson(
        "/api/visits/{$visit['id']}/canvas",
        ['version' => 0, 'canvas' => ['zones' => [$zone], 'worn' => '', 'target' => '']],
    )
        ->assertOk()
        ->json();
    expect($read['picture']['uncovered'])->toBe([])
        ->and(array_column($read['picture']['cautions'], 'key'))->not->toContain('uncovered');
    $salon->addBowl($this, $visit, ['place' => [['regions' => ['top'], 'spans' => ['root']]]])->assertCreated();
    app()->forgetScopedInstances();
    $picture = $this->getJson("/api/visits/{$visit['id']}")->json('picture');
    expect($picture['uncovered'])->toContain('nape/root')->not->toContain('top/root')
        ->and(array_column($picture['cautions'], 'key'))->toContain('uncovered');
});

it('names each line whose skin test the gate asks for', function () {
    $salon = new SmallSalon;
    $this->actingAs($salon->member());
    $visit = $salon->planVisit($this);
    expect($visit['gate']['states'])->toBe([]);
    $salon->addBowl($this, $visit)->assertCreated();
    app()->forgetScopedInstances();
    expect($this->getJson("/api/visits/{$visit['id']}")->json('gate.states'))->toBe(["line-{$salon->line->id}" => [
        'line' => 'Line',
        'state' => 'missing',
        'words' => 'no skin test',
    ]]);
});

it('parts a bowl that lifts in one pass by the house’s school, from what is suggested to what is saved', function () {
    $visit = fn (): array => $this->v->refresh()->visit;
    $suggested = fn (): array => array_values(
        array_filter(
            $visit()['picture']['suggestions'],
            fn (array $each): bool => str_starts_with($each['key'], 'order-'),
        ),
    )[0];
    $bowl = retouch($this->v, ['place' => [['regions' => [], 'spans' => [], 'method' => 'global']]]);
    $this->v->canvas(['head' => ['spans' => ['root', 'mids', 'ends'], 'level' => '5', 'wish' => ['level' => '6']]]);
    // Roots first: a root bowl like it, weaker, and it keeps the lengths.
    $root = $suggested();
    expect($root['words'])
        ->toBe('A root bowl like A, half a level deeper; A keeps the lengths')
        ->and($root['sheet']['job'])
        ->toBe('Root, Root')
        ->and($root['change'])->toBe(['letter' => 'A', 'kind' => 'place', 'value' => 'lengths']);
    $tried = $this->postJson(
        "/api/bowls/adjusted?visit={$visit()['id']}",
        ['bowl' => $bowl['sheet'], 'change' => array_diff_key($root['change'], ['letter' => ''])],
    )
        ->assertOk()
        ->json('ways.0.sheet');
    $this->postJson(
        "/api/rounds/{$visit()['rounds'][0]['id']}/bowls",
        ['id' => (string) Str::uuid(), 'bowl' => ['letter' => 'B'] + $root['sheet']],
    )->assertCreated();
    $this->putJson("/api/bowls/{$bowl['id']}", ['version' => $bowl['version'], 'bowl' => $tried])->assertOk();
    expect(array_column($visit()['picture']['suggestions'], 'key'))->not->toContain('order-A')
        ->and(array_column($visit()['rounds'][0]['bowls'], 'place'))->toHaveCount(2);
    // Mids first: only the order of work changes.
    Visit::query()
        ->findOrFail($visit()['id'])
        ->colourist->salon->forceFill(['house_rules' => ['root-order' => 'mids-first']])
        ->save();
    $whole = $visit()['rounds'][0]['bowls'][0];
    $this->putJson(
        "/api/bowls/{$whole['id']}",
        ['version' => $whole['version'], 'bowl' => ['place' => $bowl['sheet']['place']] + $whole['sheet']],
    )->assertOk();
    expect($suggested())->toMatchArray(
        [
            'words' => 'Bowl A: mids and ends first, roots later',
            'sheet' => null,
            'change' => ['letter' => 'A', 'kind' => 'place', 'value' => 'mids first'],
        ],
    );
});
