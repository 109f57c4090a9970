<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Batch;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->salon->line->update(['legend' => [
        'notation' => 'letters',
        'tones' => ['N' => ['natural' => '1'], 'G' => ['gold' => '1']],
        'secondary' => '1',
        'doubled' => 'double',
    ]]);
    $this->owner = $this->salon->member(Role::Owner);
    $this->actingAs($this->owner);
    // Each request of the world asks for its salon anew; in a test the member and the shelf are still in hand.
    $this->later = function (): void {
        app()->forgetScopedInstances();
        auth()->user()?->unsetRelation('salon');
    };
    $this->set = function (array $rules, int $version = 1, string $timezone = 'UTC') {
        $answer = $this->putJson('/api/house', ['version' => $version, 'timezone' => $timezone, 'rules' => $rules]);
        ($this->later)();

        return $answer;
    };
    $this->rule = function (string $key): array {
        foreach ($this->getJson('/api/house')->assertOk()->json('groups') as $group) {
            foreach ($group['rules'] as $rule) {
                if ($rule['key'] === $key) {
                    return $rule;
                }
            }
        }
        $this->fail("There is no rule {$key}.");
    };
});

afterEach(fn () => Carbon::setTestNow());

it('shows every rule with its reason, in the order of work, and who works here', function () {
    $this->getJson('/api/house')->assertOk()
        ->assertJsonPath('groups.*.key', ['safety', 'judging', 'amounts', 'weighing', 'time'])
        ->assertJsonPath('team.0.role', 'owner')->assertJsonPath('version', 1);
    expect(($this->rule)('level-school'))->toMatchArray([
        'value' => 'linear',
        'words' => 'mean by weight',
        'standard' => 'linear',
    ])
        ->and(($this->rule)('level-school')['reason'])->toContain('darker shade dominates');
});

it('keeps what the owner sets, and every judgement follows it', function () {
    $bowl = $this->salon->bowl();
    expect($this->postJson('/api/bowls/preview', $bowl)->json('judgement.why.0'))->toContain('by weight');
    ($this->set)(['level-school' => 'dye-weighted', 'freshness' => '20'])->assertOk()->assertJsonPath('version', 2);
    expect(($this->rule)('freshness'))->toMatchArray([
        'value' => '20',
        'words' => '20 min',
        'standardWords' => '30 min',
    ]);
    expect($this->postJson('/api/bowls/preview', $bowl)->json('judgement.why.0'))->toContain('the darker counts more');
    // What is not named is standard again.
    ($this->set)([], 2)->assertOk();
    expect(($this->rule)('freshness')['value'])->toBe('30')->and($this->salon->salon->refresh()->house_rules)->toBe([]);
});

it('says masses as the house reads them, keeps grams, and takes a plain ounce for the one it reads', function () {
    $bowl = $this->salon->bowl();
    $this->getJson('/api/session')->assertJsonPath('gramsToAnOunce', null);
    $grams = $this->postJson('/api/bowls/preview', $bowl)->json();
    ($this->set)(['masses' => 'ounces'])->assertOk();
    $this->getJson('/api/session')->assertJsonPath('gramsToAnOunce', '28.349523');
    $ounces = $this->postJson('/api/bowls/preview', $bowl)->assertOk()->json();
    // Sentences are read; what is sent as a value stays grams.
    expect($grams['judgement']['why'][0])->toContain('40 g of 6N')
        ->and($ounces['judgement']['why'][0])->toContain('1.41 oz (40 g) of 6N')
        ->and($ounces['total'])->toBe($grams['total'])->toEndWith(' g');
    $asked = ['amount' => ['of' => 'colour', 'grams' => '2 oz', 'ingredient' => null]] + $bowl;
    expect($this->postJson('/api/bowls/preview', $asked)->assertOk()->json('parts.0.grams'))->toBe('56.7 g');
    ($this->set)([], 2)->assertOk();
    $this->postJson('/api/bowls/preview', $asked)->assertUnprocessable();
});

it('names every rule that cannot be set so, and sets none', function () {
    ($this->set)(['freshness' => 'soon', 'skin-test' => '1', 'clock' => 'first-touch'])->assertUnprocessable()
        ->assertJsonPath('problems.*.pointer', ['/rules/freshness', '/rules/skin-test'])
        ->assertJsonPath('problems.1.mend', 'Write a number from 2 to 60 days.');
    ($this->set)(['moon' => 'full'])->assertUnprocessable()->assertJsonPath('problems.0.pointer', '/rules/moon');
    ($this->set)(['freshness' => ''])->assertUnprocessable();
    ($this->set)(['freshness' => ['20']])->assertUnprocessable();
    ($this->set)([], 1, 'Atlantis/Capital')->assertUnprocessable();
    expect($this->salon->salon->refresh()->house_rules)->toBe(['weigh-ahead' => 'yes']);
});

it('shows the newer rules instead of overwriting them', function () {
    ($this->set)(['deposit' => '20'])->assertOk();
    ($this->set)(['deposit' => '10', 'clock' => 'first-touch'])->assertConflict()->assertJsonPath('newer.version', 2);
    expect(($this->rule)('deposit')['value'])->toBe('20');
    ($this->set)(['clock' => 'first-touch'], 2)->assertOk()->assertJsonPath('version', 3);
});

it('lets only the owner set them, each only those of the own house', function (Role $role) {
    $this->actingAs($this->salon->member($role));
    $this->getJson('/api/house')->assertOk();
    ($this->set)(['deposit' => '20'])
        ->assertForbidden()
        ->assertJsonPath('message', 'The house rules are set by the owner.');
    $other = new SmallSalon;
    $this->actingAs($other->member(Role::Owner));
    ($this->set)(['deposit' => '20'])->assertOk();
    expect($this->salon->salon->refresh()->house_rules)->toBe(['weigh-ahead' => 'yes'])
        ->and($other->salon->refresh()->house_rules)->toBe(['deposit' => '20']);
})->with([Role::Colourist, Role::Assistant]);

it('weighs by the tolerance that held when weighing began', function () {
    $visit = $this->salon->planVisit($this);
    $id = (string) Str::uuid();
    $this->salon->addBowl($this, $visit, [], $id)->assertCreated();
    ($this->set)(['miss-medium' => '5', 'weigh-ahead' => 'yes'])->assertOk();
    $batch = $this->salon->startBatch($this, $id);
    expect([$batch['lines'][0]['target'], $batch['live']['low'], $batch['live']['high']])->toBe(['40.0 g', 3500, 4500]);
    // The house becomes strict in the middle of it: this bowl keeps its plan.
    ($this->set)(['miss-medium' => '0.5'], 2)->assertOk();
    expect($this->getJson("/api/batches/{$batch['id']}")->json('live.low'))->toBe(3500)
        ->and(Batch::query()->findOrFail($batch['id'])->plan['miss'])->toBe([50, 500, '1/50']);
});

it('takes the day by the clock on the salon’s wall', function () {
    // Oslo is an hour ahead of UTC in November: half past eleven at night there is still the 23rd.
    ($this->set)([], 1, 'Europe/Oslo')->assertOk();
    $visit = fn (string $moment): Visit => Visit::query()->create([
        'id' => (string) Str::uuid(),
        'salon_id' => $this->salon->salon->id,
        'client_id' => $this->salon->client->id,
        'colourist_id' => $this->salon->member()->id,
        'service' => $moment, 'status' => 'expected', 'note' => '', 'starts_at' => CarbonImmutable::parse($moment),
    ]);
    $visit('2026-11-22 22:59:00');
    $early = $visit('2026-11-22 23:01:00');
    $late = $visit('2026-11-23 22:59:00');
    $visit('2026-11-23 23:01:00');
    Carbon::setTestNow('2026-11-23 22:30:00');
    expect($this->getJson('/api/today')->assertOk()->json('visits.*.id'))->toBe([$early->id, $late->id]);
    expect($this->getJson('/api/session')->json('timezone'))->toBe('Europe/Oslo');
});
