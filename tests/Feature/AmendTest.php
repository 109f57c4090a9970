<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Proposal;
use App\Models\Visit;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $visit = $this->salon->planVisit($this);
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $this->salon->pourAll($this, $this->salon->startBatch($this, $bowl['id']));
    $this->salon->setAside($this, $bowl['id']);
    $this->closed = $this->postJson("/api/visits/{$visit['id']}/close", [
        'version' => 1, 'verdict' => 'good', 'outcome' => 'Even.', 'keep' => 'Timing', 'change' => 'Five grams less',
    ])->assertOk()->json();
    $this->path = "/api/visits/{$visit['id']}";
    $this->bowl = $bowl['id'];
});

function amend(object $test, array $changes): object
{
    return $test->postJson(
        "{$test->path}/amend",
        ['version' => $test->closed['version'], 'why' => 'read again in daylight', ...$changes],
    );
}

it('corrects the words of a closed visit and keeps the first ones with who and why', function () {
    $amended = amend($this, ['outcome' => 'Warm at the nape.', 'verdict' => 'mixed', 'nextOn' => '2027-01-20'])
        ->assertOk()->assertJsonPath('status', 'closed')->assertJsonPath('outcome', 'Warm at the nape.')->json();
    expect($amended['amendments'])->toHaveCount(1)
        ->and($amended['amendments'][0])->toMatchArray(['by' => 'Somebody', 'why' => 'read again in daylight'])
        ->and($amended['amendments'][0]['what'])->toContain(
            ['field' => 'What came of it', 'was' => 'Even.', 'is' => 'Warm at the nape.'],
            ['field' => 'How it came out', 'was' => 'good', 'is' => 'mixed'],
            ['field' => 'Next', 'was' => '', 'is' => '2027-01-20'],
        );
    // A second correction stands behind the first; what was not named stays.
    $this->closed = $amended;
    amend($this, ['outcome' => 'Warm at nape and crown.', 'why' => 'seen in the photograph'])->assertOk()
        ->assertJsonPath('keep', 'Timing')->assertJsonPath('amendments.0.what.1.was', 'Even.')
        ->assertJsonPath(
            'amendments.1.what.0',
            ['field' => 'What came of it', 'was' => 'Warm at the nape.', 'is' => 'Warm at nape and crown.'],
        );
});

it('corrects minutes and note of a bowl, and nothing of what was weighed', function () {
    $before = $this->getJson($this->path)->json('rounds.0.bowls.0');
    $amended = amend($this, ['bowls' => [['id' => $this->bowl, 'minutes' => '30 to 40', 'note' => 'rinsed late']]])
        ->assertOk()
        ->json();
    $bowl = $amended['rounds'][0]['bowls'][0];
    expect($bowl['minutes'])->toBe('30 to 40 min')->and($bowl['note'])->toBe('rinsed late')
        ->and($bowl['worked'])->toBe($before['worked'])->and($bowl['batches'])->toBe($before['batches'])
        ->and($amended['amendments'][0]['what'])->toBe([
            ['field' => 'A, minutes', 'was' => '35', 'is' => '30 to 40'],
            ['field' => 'A, note', 'was' => '', 'is' => 'rinsed late'],
        ]);
    $this->closed = $amended;
    amend($this, ['bowls' => [['id' => $this->bowl, 'minutes' => 'a while']]])->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/minutes');
    $this->getJson($this->path)->assertJsonPath('rounds.0.bowls.0.minutes', '30 to 40 min');
});

it('raises anew what was to change, and leaves what was decided', function () {
    amend($this, ['change' => 'Ten grams more'])->assertOk()->assertJsonPath('change', 'Ten grams more');
    $states = Proposal::query()
        ->orderBy('created_at')
        ->get()
        ->map(fn (Proposal $each): array => [$each->words, $each->state->value])
        ->all();
    expect($states)->toBe([['Five grams less', 'dismissed'], ['Ten grams more', 'open']]);
});

it('refuses a correction without a reason, of an older version, of an open visit, by an assistant or another salon', function () {
    amend($this, ['why' => '', 'outcome' => 'x'])->assertUnprocessable()->assertJsonValidationErrorFor('why');
    amend($this, ['version' => 1, 'outcome' => 'x'])->assertConflict()->assertJsonPath('newer.outcome', 'Even.');
    amend($this, ['bowls' => [['id' => '0190f3a0-0000-7000-8000-000000000000', 'note' => 'x']]])->assertNotFound();
    $open = $this->salon->planVisit($this);
    $this->postJson(
        "/api/visits/{$open['id']}/amend",
        ['version' => 1, 'why' => 'too early', 'outcome' => 'x'],
    )->assertUnprocessable();
    $this->actingAs($this->salon->member(Role::Assistant));
    amend($this, ['outcome' => 'x'])->assertForbidden();
    $this->actingAs((new SmallSalon)->member());
    amend($this, ['outcome' => 'x'])->assertNotFound();
    expect(Visit::query()->find($this->closed['id'])->outcome)->toBe('Even.');
});
