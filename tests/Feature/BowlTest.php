<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Bowl;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
});

it('works a bowl while it is typed, and keeps nothing', function () {
    $this->postJson('/api/bowls/preview', $this->salon->bowl())->assertOk()->assertJson([
        'total' => '150.0 g',
        'ratio' => '1:1.5',
        'strength' => ['developer' => '20 vol (6 %)', 'onHead' => '12 vol (3.6 %)'],
        'parts' => [
            [
                'grams' => '60.0 g',
                'ingredients' => [['label' => '6N', 'grams' => '40.0 g'], ['label' => '7G', 'grams' => '20.0 g']],
            ],
            ['grams' => '90.0 g'],
        ],
    ]);
    expect(Bowl::query()->count())->toBe(0);
});

it('says what is wrong in a bowl, where, and how to mend it', function (
    array $change,
    string $pointer,
    string $message,
) {
    $problems = $this->postJson('/api/bowls/preview', $this->salon->bowl($change))
        ->assertUnprocessable()
        ->json('problems');
    $found = array_values(array_filter($problems, fn (array $problem) => $problem['pointer'] === $pointer));
    expect($found)->not->toBeEmpty()
        ->and($found[0]['message'])->toContain($message)
        ->and($found[0]['mend'])->not->toBeEmpty();
})->with([
    'wrong unit' => [['amount' => ['of' => 'colour', 'grams' => '60 furlongs']], '/amount/grams', 'not a unit'],
    'plain ounce' => [['amount' => ['of' => 'colour', 'grams' => '2 oz']], '/amount/grams', 'could be a weight ounce'],
    'negative grams' => [['amount' => ['of' => 'colour', 'grams' => '-60']], '/amount/grams', 'below zero'],
    'absurd grams' => [['amount' => ['of' => 'colour', 'grams' => '60000']], '/amount/grams', 'more than any bowl'],
    'ratio of nothing' => [['ratio' => '1:0'], '/ratio', 'part of zero'],
    'unknown line' => [['line' => 'line-0'], '/line', 'not on the shelf'],
    'no minutes' => [['minutes' => '-3'], '/minutes', 'whole number'],
    'long letter' => [['letter' => 'ABC'], '/letter', 'one or two letters'],
]);

it('refuses shares over the whole, unknown shades and strengths the line has not', function () {
    $over = $this->salon->bowl();
    $over['parts'][0]['ingredients'][0]['share'] = '80 %';
    $over['parts'][0]['ingredients'][1]['share'] = '30 %';
    $this->postJson('/api/bowls/preview', $over)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'The shares add up to 110 %, not 100 %.');

    $other = new SmallSalon;
    $unknown = $this->salon->bowl();
    $unknown['parts'][0]['ingredients'][0]['product'] = $other->shades['6N']->productId();
    $this->postJson('/api/bowls/preview', $unknown)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This shade or product is not on the shelf.');

    $this->salon->line->developers()->detach($this->salon->developers[20]);
    $this->app->forgetScopedInstances();
    $this->postJson('/api/bowls/preview', $this->salon->bowl())
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.message', 'Line has no 20 vol.')
        ->assertJsonPath('problems.0.mend', 'Choose one of its developers: 10 vol (3 %).');
});

it('answers in words to any rubbish', function (mixed $body) {
    $status = $this->json('POST', '/api/bowls/preview', $body)->status();
    expect($status)->toBe(422);
})->with(
    [
        [[]],
        [['parts' => 'x']],
        [['letter' => ['a'], 'amount' => 7]],
        [['parts' => [['ingredients' => [['product' => [], 'share' => []]]]]]],
    ],
);

it('offers the blend for a wished strength', function () {
    $line = "line-{$this->salon->line->id}";
    $this->postJson('/api/developers/blend', ['line' => $line, 'wish' => '15 vol'])->assertOk()->assertJson([
        'ingredients' => [
            ['product' => $this->salon->developers[10]->productId(), 'share' => '1/2'],
            ['product' => $this->salon->developers[20]->productId(), 'share' => '1/2'],
        ],
        'blended' => true,
    ]);
    $this->postJson('/api/developers/blend', ['line' => $line, 'wish' => '30 vol'])
        ->assertUnprocessable()
        ->assertJsonPath('message', '30 vol (9 %) cannot be blended from 10 vol (3 %) to 20 vol (6 %).');
    $this->postJson('/api/developers/blend', ['line' => $line, 'wish' => '20 vol 9 %'])->assertUnprocessable();
});

it('saves a bowl and gives it back as typed and as worked', function () {
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon
        ->addBowl(
            $this,
            $visit,
            ['additives' => [['product' => $this->salon->shades['Bond']->productId(), 'dose' => '5 %']]],
        )
        ->assertCreated()
        ->json();
    expect($bowl['worked']['total'])->toBe('157.5 g')
        ->and($bowl['sheet']['additives'][0]['dose'])->toBe('5 %')
        ->and($bowl['version'])->toBe(1);
    $this->getJson("/api/visits/{$visit['id']}")->assertJsonPath('rounds.0.bowls.0', $bowl);
});

it('refuses what it could not keep, rather than drop it', function () {
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit, ['colour' => 'teal'])->assertUnprocessable();
    $bowl = $this->salon->bowl();
    $bowl['parts'][0]['ingredients'][0]['mood'] = 'sunny';
    $this->salon->addBowl($this, $visit, $bowl)->assertUnprocessable();
    expect(Bowl::query()->count())->toBe(0);
});

it('loses nothing of a new bowl that is sent a second time with more in it', function () {
    $visit = $this->salon->planVisit($this);
    $id = (string) Str::uuid();
    $this->salon->addBowl($this, $visit, ['job' => 'Root'], $id)->assertCreated();
    $this->salon->addBowl($this, $visit, ['job' => 'Root, and the hairline'], $id)
        ->assertConflict()
        ->assertJson(['newer' => ['id' => $id, 'version' => 1, 'job' => 'Root']]);
    expect(Bowl::query()->count())->toBe(1);
});

it('makes one bowl of a request that arrives twice', function () {
    $visit = $this->salon->planVisit($this);
    $id = (string) Str::uuid();
    $this->salon->addBowl($this, $visit, [], $id)->assertCreated();
    $this->salon->addBowl($this, $visit, [], $id)->assertCreated();
    expect(Bowl::query()->count())->toBe(1);
});

it('refuses a second bowl of the same letter', function () {
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit)->assertCreated();
    $this->salon
        ->addBowl($this, $visit)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'There is already a bowl A in this visit.');
});

it('shows the newer version instead of overwriting it', function () {
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $this->putJson(
        "/api/bowls/{$bowl['id']}",
        ['version' => 1, 'bowl' => $this->salon->bowl(['job' => 'First device'])],
    )
        ->assertOk()
        ->assertJsonPath('version', 2);
    $this->putJson(
        "/api/bowls/{$bowl['id']}",
        ['version' => 1, 'bowl' => $this->salon->bowl(['job' => 'Second device'])],
    )
        ->assertConflict()->assertJsonPath('newer.job', 'First device')->assertJsonPath('newer.version', 2);
    $this->deleteJson("/api/bowls/{$bowl['id']}", ['version' => 1])->assertConflict();
    expect(Bowl::query()->sole()->job)->toBe('First device');
    $this->deleteJson("/api/bowls/{$bowl['id']}", ['version' => 2])->assertNoContent();
});

it('never changes or removes a bowl that has been weighed', function () {
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $this->salon->startBatch($this, $bowl['id']);
    $this->putJson("/api/bowls/{$bowl['id']}", ['version' => 1, 'bowl' => $this->salon->bowl(['ratio' => '1:2'])])
        ->assertUnprocessable()
        ->assertJsonPath('message', 'Bowl A is being weighed or has been.');
    $this->deleteJson("/api/bowls/{$bowl['id']}", ['version' => 1])->assertUnprocessable();
    // Where it goes and what is said of it may still be put right.
    $this->putJson(
        "/api/bowls/{$bowl['id']}",
        [
            'version' => 1,
            'bowl' => $this->salon->bowl([
                'note' => 'crown first',
                'place' => [['regions' => ['crown'], 'spans' => ['root']]],
            ]),
        ],
    )
        ->assertOk()
        ->assertJsonPath('place', 'crown, root');
});

it('lets an assistant weigh but not formulate', function () {
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $this->actingAs($this->salon->member(Role::Assistant));
    $this->salon->addBowl($this, $visit, ['letter' => 'B'])->assertForbidden();
    $this->putJson("/api/bowls/{$bowl['id']}", ['version' => 1, 'bowl' => $this->salon->bowl()])->assertForbidden();
    $this->postJson('/api/clients', ['name' => 'Somebody'])->assertForbidden();
    $this->salon->startBatch($this, $bowl['id']);
});

it('hides everything of another salon', function () {
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $batch = $this->salon->startBatch($this, $bowl['id']);
    $this->actingAs((new SmallSalon)->member(Role::Owner));
    $this->getJson("/api/clients/{$this->salon->client->id}")->assertNotFound();
    $this->getJson("/api/visits/{$visit['id']}")->assertNotFound();
    $this->putJson("/api/bowls/{$bowl['id']}", ['version' => 1, 'bowl' => $this->salon->bowl()])->assertNotFound();
    $this->getJson("/api/bowls/{$bowl['id']}/bench")->assertNotFound();
    $this->getJson("/api/batches/{$batch['id']}")->assertNotFound();
    $this->salon->record($this, $batch, ['kind' => 'finished'])->assertNotFound();
    $this->postJson("/api/visits/{$visit['id']}/repeat", ['id' => (string) Str::uuid()])->assertNotFound();
    expect($this->getJson('/api/clients')->json('*.id'))->not->toContain($this->salon->client->id);
});

it('saves a proportion, and gives it grams once the scale or a hand has said some', function () {
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit, ['amount' => null])->assertCreated()->json();
    expect($bowl['worked'])->toMatchArray([
        'known' => false,
        'total' => '',
        'ratio' => '1:1.5',
        'strength' => ['developer' => '20 vol (6 %)', 'onHead' => '12 vol (3.6 %)'],
    ])
        ->and(array_column($bowl['worked']['parts'][0]['ingredients'], 'percent'))->toBe(['66.7 %', '33.3 %'])
        ->and(array_column($bowl['worked']['parts'][0]['ingredients'], 'wedge'))->toBe([0.2667, 0.1333])
        ->and($bowl['sheet']['amount'])->toBeNull();
    $batch = $this->salon->startBatch($this, $bowl['id']);
    expect(array_column($batch['lines'], 'open'))->toBe([true, true, true]);
    $known = ['amount' => [
        'of' => 'ingredient',
        'ingredient' => $this->salon->shades['7G']->productId(),
        'grams' => '20 g',
    ]];
    $this->postJson('/api/bowls/preview', $this->salon->bowl($known))
        ->assertOk()
        ->assertJson(['known' => true, 'total' => '150.0 g']);
});

it('works what is half known, whatever is not', function (array $shares, array $more, array $seen) {
    $bowl = $this->salon->bowl($more);
    foreach ($shares as $at => $share) {
        $bowl['parts'][0]['ingredients'][$at]['share'] = $share;
    }
    $this->postJson('/api/bowls/preview', $bowl)->assertOk()->assertJson(['known' => false] + $seen);
})->with([
    'a gap by the total' => [
        ['40 g', '?'],
        [],
        ['total' => '150.0 g', 'parts' => [['ingredients' => [['grams' => '40.0 g'], ['grams' => '20.0 g']]]]],
    ],
    'a word' => [
        ['40 g', 'a dash'],
        ['amount' => null, 'ratio' => '?'],
        ['total' => 'more than 40.0 g', 'parts' => [['ingredients' => [[], ['grams' => '“a dash”']]]]],
    ],
    'a ratio nobody knows' => [
        ['40 g', '20 g'],
        ['ratio' => '?'],
        ['ratio' => '', 'parts' => [['grams' => '60.0 g'], ['grams' => '']]],
    ],
]);

it('says what contradicts itself, before it is saved', function () {
    $bowl = $this->salon->bowl();
    $bowl['parts'][0]['ingredients'][0]['share'] = '80 g';
    $bowl['parts'][0]['ingredients'][1]['share'] = '?';
    $this->postJson('/api/bowls/preview', $bowl)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'The amounts of this bowl contradict each other.');
});

it('gives what is left of a bowl out once', function () {
    $visit = $this->salon->planVisit($this);
    $first = $this->salon->addBowl($this, $visit)->json();
    $rest = fn (string $letter, string $grams): array => [
        'letter' => $letter,
        'ratio' => 'no developer',
        'amount' => ['of' => 'shares', 'grams' => ''],
        'parts' => [['ingredients' => [['product' => "bowl:{$first['id']}", 'share' => $grams]]]],
    ];
    $this->salon
        ->addBowl($this, $visit, $rest('B', '500 g'))
        ->assertUnprocessable()
        ->assertJsonPath('message', '500.0 g of “What is left of bowl A” is more than there is of it (150 g).');
    $second = $this->salon->addBowl($this, $visit, $rest('B', '80 g'))->assertCreated()->json();
    $this->salon
        ->addBowl($this, $visit, $rest('C', '80 g'))
        ->assertUnprocessable()
        ->assertJsonPath('message', '80.0 g of “What is left of bowl A” is more than there is of it (70 g).');
    $this->salon->addBowl($this, $visit, $rest('C', '70 g'))->assertCreated();
    // What a bowl takes itself is not counted against it.
    $this
        ->putJson("/api/bowls/{$second['id']}", ['version' => 1, 'bowl' => $this->salon->bowl($rest('B', '85 g'))])
        ->assertUnprocessable();
    $this
        ->putJson("/api/bowls/{$second['id']}", ['version' => 1, 'bowl' => $this->salon->bowl($rest('B', '75 g'))])
        ->assertOk();
});

it('hears the house’s ounce and the pack of the tube at the bench', function () {
    $this->salon->salon->update(['house_rules' => ['weigh-ahead' => 'yes', 'ounce' => 'weight']]);
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $batch = $this->salon->startBatch($this, $bowl['id']);
    $pour = fn (string $grams, string $line, int $after) => $this->postJson(
        "/api/batches/{$batch['id']}/events",
        [
            'id' => (string) Str::uuid(),
            'after' => $after,
            'kind' => 'poured',
            'line' => $line,
            'grams' => $grams,
            'source' => 'hand',
        ],
    );
    // 1.4 oz by weight = 39.69 g (NIST SP 811); a third of a tube of 60 g.
    $pour('1.4 oz', $this->salon->shades['6N']->productId(), 1)
        ->assertCreated()
        ->assertJsonPath('lines.0.poured', '39.69 g');
    $pour('1/3 tube', $this->salon->shades['7G']->productId(), 2)
        ->assertCreated()
        ->assertJsonPath('lines.1.poured', '20.0 g');
});

it('keeps what nobody is sure of as it was said, warns about it, and lets it through no gate', function () {
    $visit = $this->salon->planVisit($this);
    $part = fn (array ...$entries): array => ['ingredients' => $entries];
    $sixth = $this->salon->shades['6N']->productId();
    $seventh = $this->salon->shades['7G']->productId();
    $colour = $part(
        ['product' => $sixth, 'or' => [$seventh], 'doubt' => true, 'share' => '30 g'],
        ['words' => 'something violet', 'share' => 'a ribbon'],
    );
    $bowl = $this->salon
        ->addBowl(
            $this,
            $visit,
            [
                'amount' => null,
                'parts' => [$colour, $part(['product' => $this->salon->developers[20]->productId(), 'share' => 'all'])],
            ],
        )
        ->assertCreated()
        ->json();
    expect($bowl['sheet']['parts'][0]['ingredients'])->toBe([
        ['product' => $sixth, 'share' => '30 g', 'or' => [$seventh], 'doubt' => true],
        ['share' => '“a ribbon”', 'words' => 'something violet'],
    ])
        ->and(array_column($bowl['worked']['parts'][0]['ingredients'], 'label'))->toBe(['6N or 7G', 'something violet'])
        ->and(array_column($bowl['worked']['warnings'], 'key'))->toContain('in-doubt', 'not-known', 'skin-test')
        ->and($bowl['worked']['judgement'])->toBeNull();
    $gate = $this->getJson("/api/bowls/{$bowl['id']}/bench")->assertOk()->json('gate');
    expect($gate['open'])->toBeFalse()->and(json_encode($gate))->toContain('not on the shelf');
});
