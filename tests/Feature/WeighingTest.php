<?php

declare(strict_types=1);

use App\Models\Pour;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $this->visit = $this->salon->planVisit($this);
    $this->bowl = $this->salon->addBowl($this, $this->visit)->json();
    $this->batch = $this->salon->startBatch($this, $this->bowl['id']);
    $this->colour = $this->salon->shades['6N']->productId();
});

function poured(string $line, string $grams): array
{
    return ['kind' => 'poured', 'line' => $line, 'grams' => $grams, 'source' => 'scale'];
}

it('asks for the first product and says where its band lies', function () {
    expect($this->batch['current'])->toBe($this->colour)
        ->and($this->batch['lines'][0]['target'])->toBe('40.0 g')
        ->and($this->batch['live'])
        ->toMatchArray(['from' => 0, 'already' => 0, 'low' => 3900, 'target' => 4000, 'high' => 4100]);
});

it('weighs a whole bowl, with who and when on every pour', function () {
    $done = $this->salon->pourAll($this, $this->batch);
    expect($done['status'])->toBe('finished')->and($done['total'])->toBe('150.0 g');
    $this->getJson("/api/visits/{$this->visit['id']}")
        ->assertJsonPath('rounds.0.bowls.0.state', 'mixed')
        ->assertJsonPath('rounds.0.bowls.0.batches.0.mixed', '150 g');
    foreach (Pour::query()->get() as $pour) {
        expect($pour->team_member_id)->not->toBeNull()->and($pour->poured_at)->not->toBeNull();
    }
});

it('offers all three ways out of an over-pour, with what each costs', function () {
    $over = $this->salon->record($this, $this->batch, poured($this->colour, '44 g'))->assertCreated()->json();
    expect($over['status'])->toBe('over')
        ->and($over['over'])->toMatchArray(['label' => '6N', 'by' => '4.0 g'])
        ->and($over['over']['keep'])->toMatchArray(['total' => '165.0 g', 'extra' => '15.0 g'])
        ->and($over['over']['accept'])->toContain(['what' => 'Ratio', 'planned' => '1:1.5', 'now' => '1:1.41']);
    $this->salon
        ->record($this, $over, poured($this->salon->shades['7G']->productId(), '20 g'))
        ->assertUnprocessable()
        ->assertJsonPath('message', '6N is over its target and waits for a choice.');
    $this->salon->record($this, $over, ['kind' => 'discarded'])->assertUnprocessable();
    $kept = $this->salon->record($this, $over, ['kind' => 'kept-proportion'])->assertCreated()->json();
    expect(array_column($kept['lines'], 'target'))->toBe(['44.0 g', '22.0 g', '99.0 g'])
        ->and(array_column($kept['lines'], 'planned'))->toBe(['40.0 g', '20.0 g', '90.0 g']);
});

it('records a repeated pour once', function () {
    $event = poured($this->colour, '40 g') + ['id' => (string) Str::uuid()];
    $first = $this->salon->record($this, $this->batch, $event)->assertCreated()->json();
    $again = $this->salon->record($this, $this->batch, $event)->assertCreated()->json();
    expect($again)->toBe($first)->and(Pour::query()->count())->toBe(1);
});

it('refuses an id that is used again for something else', function () {
    $event = poured($this->colour, '40 g') + ['id' => (string) Str::uuid()];
    $this->salon->record($this, $this->batch, $event)->assertCreated();
    $this->salon
        ->record($this, $this->batch, ['grams' => '41 g'] + $event)
        ->assertConflict()
        ->assertJsonPath('newer.lines.0.poured', '40.0 g');
});

it('refuses a pour made against an older state and shows the newer', function () {
    $this->salon->record($this, $this->batch, poured($this->colour, '20 g'))->assertCreated();
    $this->salon->record($this, $this->batch, poured($this->colour, '20 g'))->assertConflict()
        ->assertJsonPath('newer.sequence', 1)->assertJsonPath('newer.lines.0.poured', '20.0 g');
    expect(Pour::query()->count())->toBe(1);
});

it('refuses what is no pour', function (array $event, int $status) {
    $this->salon->record($this, $this->batch, $event)->assertStatus($status);
    expect(Pour::query()->count())->toBe(0);
})->with([
    'nothing' => [[], 422],
    'unknown kind' => [['kind' => 'stirred'], 422],
    'unknown line' => [['kind' => 'poured', 'line' => 'shade-0', 'grams' => '4 g', 'source' => 'scale'], 422],
    'negative' => [['kind' => 'poured', 'line' => 'x', 'grams' => '-4 g', 'source' => 'scale'], 422],
    'no number' => [['kind' => 'poured', 'line' => 'x', 'grams' => 'a dash', 'source' => 'scale'], 422],
    'number instead of text' => [['kind' => 'poured', 'line' => 'x', 'grams' => 4, 'source' => 'scale'], 422],
    'absurd' => [['kind' => 'poured', 'line' => 'x', 'grams' => '99999 g', 'source' => 'scale'], 422],
    'finished too early' => [['kind' => 'finished'], 422],
    'nothing to undo' => [['kind' => 'undone'], 422],
    'no id' => [['kind' => 'finished', 'id' => 'seven'], 422],
]);

it('takes back a pour, and keeps it on record', function () {
    $batch = $this->salon->record($this, $this->batch, poured($this->colour, '40 g'))->json();
    $undone = $this->salon->record($this, $batch, ['kind' => 'undone'])->assertCreated()->json();
    expect($undone['total'])->toBe('0.0 g')->and($undone['sequence'])->toBe(2)->and(Pour::query()->count())->toBe(2);
});

it('carries on from what the scale shows', function () {
    $batch = $this->salon->record($this, $this->batch, poured($this->colour, '40 g'))->json();
    expect($batch['live']['from'])->toBe(4000);
    expect($this->salon->record(
        $this,
        $batch,
        ['kind' => 'carried-on', 'reading' => -12],
    )->assertCreated()->json('live.from'))->toBe(-12);
});

it('resumes an open batch instead of doubling it, and starts another once it has ended', function () {
    expect($this->salon->startBatch($this, $this->bowl['id'])['id'])->toBe($this->batch['id']);
    $this->salon->pourAll($this, $this->batch);
    expect($this->salon->startBatch($this, $this->bowl['id'])['number'])->toBe(2);
});

it('weighs back what was left over', function () {
    $done = $this->salon->pourAll($this, $this->batch);
    $this->salon
        ->record($this, $done, ['kind' => 'weighed-back', 'grams' => '22,5'])
        ->assertCreated()
        ->assertJsonPath('used', '127.5 g');
    $this->getJson("/api/visits/{$this->visit['id']}")->assertJsonPath('rounds.0.bowls.0.batches.0.used', '127.5 g');
});

it('never lets a pour be changed or removed', function (string $verb) {
    $this->salon->record($this, $this->batch, poured($this->colour, '40 g'));
    $verb === 'update' ? Pour::query()->update(['grams_cg' => 1]) : Pour::query()->delete();
})->with(['update', 'delete'])->throws(QueryException::class, 'command denied');

it('says that the scale is silent, in words', function () {
    config()->set('tinta.scale.port', 1);
    $this->postJson('/api/scale/tare')
        ->assertServiceUnavailable()
        ->assertJson(['message' => 'The scale does not answer.']);
});

it('obeys only what the panel knows', function (string $command) {
    config()->set('tinta.scale.simulated', true);
    $this->postJson('/api/scale/panel', ['command' => $command])->assertUnprocessable();
})->with(['format', 'pour -5', "pour 5\ntare", 'pour 1e9', '']);

it('has no panel where the scale is real', function () {
    config()->set('tinta.scale.simulated', false);
    $this->postJson('/api/scale/panel', ['command' => 'reset'])->assertNotFound();
});

it('takes in what was not planned, keeps it, and repeats it', function () {
    $named = $this->salon
        ->record($this, $this->batch, ['kind' => 'added', 'line' => $this->salon->shades['Bond']->productId()])
        ->assertCreated()
        ->assertJsonPath('current', $this->salon->shades['Bond']->productId())
        ->assertJsonPath('lines.0.label', 'Bond')
        ->assertJsonPath('lines.0.target', 'by eye')
        ->json();
    $batch = $this->salon
        ->record($this, $named, poured($this->salon->shades['Bond']->productId(), '2.5 g'))
        ->assertCreated()
        ->json();
    // Developer of another strength counts in the developer part.
    $batch = $this->salon
        ->record($this, $batch, ['kind' => 'added', 'line' => $this->salon->developers[10]->productId()])
        ->assertCreated()
        ->json();
    $batch = $this->salon->record($this, $batch, poured($this->salon->developers[10]->productId(), '10 g'))->json();
    foreach (['6N' => '40 g', '7G' => '20 g'] as $code => $grams) {
        $batch = $this->salon
            ->record($this, $batch, poured($this->salon->shades[$code]->productId(), $grams))
            ->assertCreated()
            ->json();
    }
    $batch = $this->salon->record($this, $batch, poured($this->salon->developers[20]->productId(), '90 g'))->json();
    $this->salon->record($this, $batch, ['kind' => 'finished'])->assertCreated()->assertJsonPath('total', '162.5 g');
    app()->forgetScopedInstances();
    $visit = $this->getJson("/api/visits/{$this->visit['id']}")->json();
    expect($visit['rounds'][0]['bowls'][0]['poured']['total'])->toBe('162.5 g')
        ->and($visit['rounds'][0]['bowls'][0]['poured']['ratio'])->toBe('3:5');
    $this->salon->setAside($this, $visit['rounds'][0]['bowls'][0]['id']);
    $this
        ->postJson(
            "/api/visits/{$visit['id']}/close",
            ['version' => $visit['version'], 'verdict' => 'good', 'outcome' => 'Bright.'],
        )
        ->assertOk();
    app()->forgetScopedInstances();
    $next = $this->postJson("/api/visits/{$visit['id']}/repeat", ['id' => (string) Str::uuid()])
        ->assertCreated()
        ->json();
    $said = array_column($next['proposals'], 'reason', 'words');
    expect($said)->toHaveKey('Something went in beside the plan')
        ->and($next['rounds'][0]['bowls'][0]['sheet']['extras'])->toHaveCount(2);
});

it('adds nothing from another line, another salon, or the plan itself', function () {
    $other = new SmallSalon;
    $add = fn (string $line) => $this->salon->record($this, $this->batch, ['kind' => 'added', 'line' => $line]);
    $add($other->shades['6N']->productId())
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This product is not on the shelf.');
    $add($this->salon->shades['7G']->productId())
        ->assertUnprocessable()
        ->assertJsonPath('mend', 'Weigh it in its turn; what goes over its target is asked about.');
    $line = App\Models\ColourLine::query()->create([
        ...$this->salon->line->only([
            'salon_id',
            'kind',
            'ratio',
            'min_minutes',
            'target_minutes',
            'max_minutes',
            'legend',
        ]),
        'name' => 'Second',
    ]);
    $stranger = App\Models\Shade::query()->create([
        'colour_line_id' => $line->id,
        'code' => '5N',
        'name' => '5N',
        'kind' => 'shade',
        'pack_cg' => 6000,
        'swatch' => '#806040',
    ]);
    app()->forgetScopedInstances();
    $add($stranger->productId())
        ->assertUnprocessable()
        ->assertJsonPath('message', '5N belongs to another colour line.');
    $add('')->assertUnprocessable();
    $add("bowl:{$this->bowl['id']}")
        ->assertUnprocessable()
        ->assertJsonPath('message', 'This product is not on the shelf.');
    expect(Pour::query()->count())->toBe(0);
});
