<?php

declare(strict_types=1);

use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Models\Visit;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $this->visit = $this->salon->planVisit($this);
});

it('takes a visit from plan to close and says at each step what is next', function () {
    $path = "/api/visits/{$this->visit['id']}";
    expect($this->visit['next']['do'])->toBe('plan');
    $bowl = $this->salon->addBowl($this, $this->visit)->json();
    $this->getJson($path)->assertJsonPath('next.do', 'receive');
    $this->postJson("{$path}/receive")
        ->assertJsonPath('status', 'in-chair')
        ->assertJsonPath('next.do', 'weigh')
        ->assertJsonPath('next.words', 'Weigh bowl A')
        ->assertJsonPath('next.bowl', $bowl['id']);
    $batch = $this->salon->startBatch($this, $bowl['id']);
    $this->getJson($path)->assertJsonPath('next.words', 'Carry on weighing bowl A');
    $this->salon->pourAll($this, $batch);
    $this->getJson($path)->assertJsonPath('next.words', 'Begin A now');
    $this->salon->setAside($this, $bowl['id']);
    $version = $this->getJson($path)->assertJsonPath('next.do', 'close')->json('version');
    $this->postJson(
        "{$path}/close",
        [
            'version' => $version,
            'verdict' => 'good',
            'outcome' => 'Even.',
            'keep' => 'Timing',
            'change' => 'Five grams less',
        ],
    )
        ->assertOk()->assertJsonPath('status', 'closed')->assertJsonPath('change', 'Five grams less');
});

it('does not close what is not done', function () {
    $path = "/api/visits/{$this->visit['id']}/close";
    $close = ['version' => 1, 'verdict' => 'good'];
    $this->postJson($path, $close)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Nothing has been weighed in this visit.');
    $bowl = $this->salon->addBowl($this, $this->visit)->json();
    $this->salon->startBatch($this, $bowl['id']);
    $this->postJson($path, $close)->assertUnprocessable()->assertJsonPath('message', 'Bowl A is still being weighed.');
    $this->postJson($path, ['version' => 1, 'verdict' => 'superb'])->assertUnprocessable();
});

it('leaves a closed visit as it is', function () {
    $closed = closeVisit($this);
    $path = "/api/visits/{$closed['id']}";
    $this->patchJson($path, ['version' => $closed['version'], 'note' => 'later'])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This visit is closed.');
    $this->salon->addBowl($this, $closed, ['letter' => 'B'])->assertUnprocessable();
    $this->postJson("{$path}/close", ['version' => $closed['version'], 'verdict' => 'poor'])->assertUnprocessable();
    $this
        ->postJson("/api/bowls/{$closed['rounds'][0]['bowls'][0]['id']}/batches", ['id' => (string) Str::uuid()])
        ->assertUnprocessable();
});

it('repeats a visit with its lineage and what was to change', function () {
    $closed = closeVisit($this, 'Crown first');
    $made = $this->postJson("/api/visits/{$closed['id']}/repeat", ['id' => (string) Str::uuid()])
        ->assertCreated()
        ->json();
    [$old, $new] = [$closed['rounds'][0]['bowls'][0], $made['rounds'][0]['bowls'][0]];
    expect($made['from']['id'])->toBe($closed['id'])
        ->and($made['note'])->toBe('')
        ->and($made['proposals'][0])
        ->toMatchArray([
            'source' => 'review',
            'state' => 'open',
            'words' => 'Crown first',
            'letter' => 'A',
            'canApply' => false,
        ])
        ->and($made['status'])->toBe('expected')
        ->and($new['sheet'])->toBe($old['sheet'])
        // The shelf need not hold what is over.
        ->and(array_diff_key($new['worked'], ['enough' => 0]))->toBe(array_diff_key($old['worked'], ['enough' => 0]))
        ->and($new['from'])->toMatchArray(['letter' => 'A', 'visit' => $closed['id']])
        ->and($new['batches'])->toBe([])
        ->and($new['version'])->toBe(1);
});

it('repeats once, however often the button is pressed', function () {
    $closed = closeVisit($this);
    $id = (string) Str::uuid();
    $this->postJson("/api/visits/{$closed['id']}/repeat", ['id' => $id])->assertCreated();
    $this->postJson("/api/visits/{$closed['id']}/repeat", ['id' => $id])->assertCreated();
    expect(Visit::query()->where('from_visit_id', $closed['id'])->count())->toBe(1);
});

it('does not repeat what is not closed', function () {
    $this->postJson("/api/visits/{$this->visit['id']}/repeat", ['id' => (string) Str::uuid()])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Only a closed visit can be repeated.');
});

it('shows the newer visit instead of overwriting its note', function () {
    $path = "/api/visits/{$this->visit['id']}";
    $this->patchJson($path, ['version' => 1, 'note' => 'first'])->assertOk();
    $this->patchJson($path, ['version' => 1, 'note' => 'second'])
        ->assertConflict()
        ->assertJsonPath('newer.note', 'first');
});

it('adds a round of bowls', function () {
    $made = $this->postJson(
        "/api/visits/{$this->visit['id']}/rounds",
        ['id' => (string) Str::uuid(), 'name' => 'Gloss'],
    )
        ->assertCreated()
        ->json();
    expect(array_column($made['rounds'], 'name'))->toBe(['Colour', 'Gloss']);
});

it('shows today’s visits, and nobody else’s', function () {
    $other = new SmallSalon;
    $this->actingAs($other->member());
    $other->planVisit($this);
    $this->actingAs($this->salon->member());
    expect($this->getJson('/api/today')->json('visits.*.id'))->toBe([$this->visit['id']]);
});

it('finds clients by any of their names or their phone', function (string $search, array $names) {
    foreach (
        [['Marit Solheim', '0555 0100'], ['Solveig Marit Ås', '0555 0177'], ['Tom % Wave', '']] as [$name, $phone]
    ) {
        $this->postJson('/api/clients', ['name' => $name, 'phone' => $phone])->assertCreated();
    }
    expect($this->getJson('/api/clients?search='.urlencode($search))->json('*.name'))->toBe($names);
})->with([
    'first name' => ['mari', ['Marit Solheim', 'Solveig Marit Ås']],
    'two names in any order' => ['sol mar', ['Marit Solheim', 'Solveig Marit Ås']],
    'phone' => ['0177', ['Solveig Marit Ås']],
    'a percent sign is only itself' => ['%', ['Tom % Wave']],
    'nobody' => ['xyz', []],
]);

it('adds a client, and refuses one without a name', function () {
    $id = $this->postJson('/api/clients', ['name' => ' Ada Vale ', 'cautions' => 'Sensitive scalp'])
        ->assertCreated()
        ->assertJsonPath('name', 'Ada Vale')
        ->json('id');
    $this->getJson("/api/clients/{$id}")->assertOk()->assertJsonPath('visits', []);
    $this->postJson('/api/clients', ['name' => ''])->assertUnprocessable();
});

/** @return array<string, mixed> the visit, weighed and closed */
function closeVisit(Tests\TestCase $test, string $change = ''): array
{
    $bowl = $test->salon->addBowl($test, $test->visit)->json();
    $test->salon->pourAll($test, $test->salon->startBatch($test, $bowl['id']));

    $test->salon->setAside($test, $bowl['id']);

    return $test
        ->postJson("/api/visits/{$test->visit['id']}/close", ['version' => 1, 'verdict' => 'good', 'change' => $change])
        ->assertOk()
        ->json();
}

it('reads each bowl and replays each batch once a request, however much follows from them', function () {
    $first = $this->salon->addBowl($this, $this->visit)->json();
    $this->salon->addBowl($this, $this->visit, ['letter' => 'B'])->assertCreated();
    $this->postJson("/api/visits/{$this->visit['id']}/receive");
    $this->salon->pourAll($this, $this->salon->startBatch($this, $first['id']));
    $asked = function (callable $ask): array {
        $this->app->forgetScopedInstances();
        $ask()->assertOk();

        return [$this->app->make(BowlRows::class)->reads, $this->app->make(BatchRows::class)->replays];
    };
    expect($asked(fn () => $this->getJson("/api/visits/{$this->visit['id']}")))->toBe([2, 1]);
    // While one is typed, it is read as it is typed; the others as they stand, and what was mixed as it was poured.
    $draft = ['letter' => 'B', 'amount' => ['of' => 'colour', 'grams' => '33 g']] + $first['sheet'];
    expect(
        $asked(
            fn () => $this->postJson(
                "/api/visits/{$this->visit['id']}/picture",
                ['drafts' => [['id' => 'x', 'round' => $this->visit['rounds'][0]['id'], 'bowl' => $draft]]],
            ),
        ),
    )->toBe([3, 1]);
});

it('sees a bowl that is half typed as it was saved, and says which', function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $round = $visit['rounds'][0]['id'];
    $picture = fn (array ...$drafts): array => $this->postJson("/api/visits/{$visit['id']}/picture", [
        'drafts' => array_map(
            static fn (array $sheet, string $id): array => ['id' => $id, 'round' => $round, 'bowl' => $sheet],
            array_values($drafts),
            array_keys($drafts),
        ),
    ])->assertOk()->json();
    $saved = $picture();
    $half = ['extras' => [['product' => 'nothing', 'grams' => '']]] + $bowl['sheet'];
    $seen = $picture(...[$bowl['id'] => $half]);
    expect($saved['unread'])->toBe([])
        ->and($seen['unread'])->toBe([['letter' => $bowl['letter'], 'saved' => true]])
        ->and($seen['cells'])->toBe($saved['cells'])
        ->and($seen['cells'])->not->toBe([])
        // A bowl that nobody saved has nothing to be seen by.
        ->and($picture(...['x' => ['letter' => 'C'] + $half])['unread'])->toBe([['letter' => 'C', 'saved' => false]])
        ->and($picture(...['x' => ['letter' => ['C']] + $half])['unread'])->toBe([['letter' => '', 'saved' => false]])
        ->and($picture(...[$bowl['id'] => $bowl['sheet']])['unread'])->toBe([]);
    // Nor has one that was weighed and set aside meanwhile.
    $this->salon->pourAll($this, $this->salon->startBatch($this, $bowl['id']));
    $this->salon->setAside($this, $bowl['id']);
    expect($picture(...[$bowl['id'] => $half])['unread'])->toBe([['letter' => $bowl['letter'], 'saved' => false]]);
});

it('begins a visit with a service of the house, once, and never with another salon’s', function () {
    $salon = new SmallSalon;
    $this->actingAs($salon->member());
    $visit = $salon->planVisit($this);
    $salon->addBowl($this, $visit)->assertCreated();
    $template = $this->postJson("/api/visits/{$visit['id']}/template", ['name' => 'Root of the house'])
        ->assertCreated()
        ->json('id');
    $this->getJson('/api/templates')
        ->assertOk()
        ->assertJson([['id' => $template, 'name' => 'Root of the house', 'bowls' => ['A Root']]]);
    $body = [
        'id' => (string) Str::uuid(),
        'service' => 'Root of the house',
        'startsAt' => now()->toIso8601String(),
        'template' => $template,
    ];
    $address = "/api/clients/{$salon->client->id}/visits";
    app()->forgetScopedInstances();
    $begun = $this->postJson($address, $body)->assertCreated()->json();
    expect($begun['rounds'][0]['bowls'][0]['job'])->toBe('Root')->and($begun['service'])->toBe('Root of the house');
    app()->forgetScopedInstances();
    expect($this->postJson($address, $body)->assertSuccessful()->json('rounds.0.bowls'))->toHaveCount(1);
    $other = new SmallSalon;
    $this->actingAs($other->member());
    $this->postJson(
        "/api/clients/{$other->client->id}/visits",
        ['id' => (string) Str::uuid()] + $body,
    )->assertNotFound();
    $this->getJson('/api/templates')->assertOk()->assertJsonCount(0);
});
