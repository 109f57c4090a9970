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

/** How many pours are on record; the empty bowl on the scale is none. */
function pours(): int
{
    return Pour::query()->where('kind', '!=', 'tared')->count();
}

function poured(string $line, string $grams): array
{
    return ['kind' => 'poured', 'line' => $line, 'grams' => $grams, 'source' => 'scale'];
}

it('asks for the first product and says where its band lies', function () {
    expect($this->batch['current'])->toBe($this->colour)
        ->and($this->batch['lines'][0]['target'])->toBe('40.0 g')
        ->and($this->batch['live'])
        ->toMatchArray(['from' => 21_000, 'already' => 0, 'low' => 3900, 'target' => 4000, 'high' => 4100]);
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
    expect($again)->toBe($first)->and(pours())->toBe(1);
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
        ->assertJsonPath('newer.sequence', 2)->assertJsonPath('newer.lines.0.poured', '20.0 g');
    expect(pours())->toBe(1);
});

it('refuses what is no pour', function (array $event, int $status) {
    $this->salon->record($this, $this->batch, $event)->assertStatus($status);
    expect(pours())->toBe(0);
})->with([
    'nothing' => [[], 422],
    'unknown kind' => [['kind' => 'stirred'], 422],
    'unknown line' => [['kind' => 'poured', 'line' => 'shade-0', 'grams' => '4 g', 'source' => 'scale'], 422],
    'negative' => [['kind' => 'poured', 'line' => 'x', 'grams' => '-4 g', 'source' => 'scale'], 422],
    'no number' => [['kind' => 'poured', 'line' => 'x', 'grams' => 'a dash', 'source' => 'scale'], 422],
    'number instead of text' => [['kind' => 'poured', 'line' => 'x', 'grams' => 4, 'source' => 'scale'], 422],
    'absurd' => [['kind' => 'poured', 'line' => 'x', 'grams' => '99999 g', 'source' => 'scale'], 422],
    'finished too early' => [['kind' => 'finished'], 422],
    'no id' => [['kind' => 'finished', 'id' => 'seven'], 422],
]);

it('takes back a pour, and keeps it on record', function () {
    $batch = $this->salon->record($this, $this->batch, poured($this->colour, '40 g'))->json();
    $undone = $this->salon->record($this, $batch, ['kind' => 'undone'])->assertCreated()->json();
    expect($undone['total'])->toBe('0.0 g')->and($undone['sequence'])->toBe(3)->and(pours())->toBe(2);
});

it('asks what stands on the scale before one gram counts, and knows bowls by their weight', function () {
    // 250 g: no bowl that was seen empty here weighs that.
    $other = $this->salon->addBowl($this, $this->visit, ['letter' => 'B'])->json('id');
    $begun = $this->postJson("/api/bowls/{$other}/batches", ['id' => (string) Str::uuid()])->assertCreated()->json();
    expect($begun['zero'])->toBeNull();
    $asked = $this->salon->put($this, $begun, ['reading' => 25_000])->assertOk();
    expect($asked->json('question.about'))->toBe('no-such-bowl')->and($asked->json('batch.sequence'))->toBe(0);
    $sure = $this->salon->put($this, $begun, ['reading' => 25_000, 'sure' => true, 'mark' => 'yellow'])
        ->assertCreated()
        ->json('batch');
    expect($sure)->toMatchArray(['vessel' => 'yellow', 'bowlWeight' => '250 g', 'zero' => $begun['id']])
        ->and($sure['live']['from'])->toBe(25_000);
    // Taken back, the bowl is not remembered; said again, it is known by its weight alone.
    $undone = $this->salon->record($this, $sure, ['kind' => 'undone'])->assertCreated()->json();
    expect($undone['zero'])->toBeNull();
    $this->salon->put($this, $undone, ['reading' => 25_000])
        ->assertOk()
        ->assertJsonPath('question.about', 'no-such-bowl');
    $again = $this->salon->put($this, $undone, ['reading' => 25_000, 'sure' => true, 'mark' => 'yellow'])
        ->assertCreated()
        ->json('batch');
    $left = $this->salon->record($this, $again, ['kind' => 'withdrawn'])->assertCreated()->json();
    expect($left['status'])->toBe('withdrawn')->and($left['presses'])->toBe(['again']);
    $this->getJson("/api/bowls/{$other}/batch")->assertOk()->assertContent('null');
    $next = $this->postJson("/api/bowls/{$other}/batches", ['id' => (string) Str::uuid()])->assertCreated()->json();
    expect($next['number'])->toBe(1);
    $this->salon->put($this, $next, ['reading' => 25_040])->assertCreated()->assertJsonPath('batch.vessel', 'yellow');
});

it('takes grams from the scale only while this bowl is known to stand on it', function () {
    $this->salon->record($this, $this->batch, [...poured($this->colour, '12 g'), 'zero' => 'something else since'])
        ->assertUnprocessable()->assertJsonPath('message', 'The scale stood under something else by then.');
    // Another bowl came to stand where this one stood.
    $other = $this->salon->addBowl($this, $this->visit, ['letter' => 'B'])->json('id');
    $begun = $this->postJson("/api/bowls/{$other}/batches", ['id' => (string) Str::uuid()])->assertCreated()->json();
    $this->travel(5)->seconds();
    $this->salon->put($this, $begun, ['zero' => $this->batch['zero']])->assertCreated();
    $this->travel(5)->seconds();
    $this->salon->record(
        $this,
        $this->batch,
        [...poured($this->colour, '12 g'), 'zero' => $this->batch['zero']],
    )->assertUnprocessable();
    expect(pours())->toBe(0);
    // By hand it may be said at any time.
    $this->salon->record($this, $this->batch, [...poured($this->colour, '12 g'), 'source' => 'hand'])->assertCreated();
});

it('lets only the pan say what stands on the scale, and each house for itself', function () {
    $other = $this->salon->addBowl($this, $this->visit, ['letter' => 'B'])->json('id');
    $begun = $this->postJson("/api/bowls/{$other}/batches", ['id' => (string) Str::uuid()])->assertCreated()->json();
    $tared = $this->salon->record($this, $begun, ['kind' => 'tared', 'grams' => '260 g', 'zero' => 'by the back door'])
        ->assertCreated()
        ->json();
    expect($tared['zero'])->toBeNull();
    $this->salon->record(
        $this,
        $tared,
        [...poured($this->colour, '12 g'), 'zero' => 'by the back door'],
    )->assertUnprocessable();
    // The same word in another house takes nothing from this one.
    $mine = $this->batch['zero'];
    $elsewhere = new SmallSalon;
    $this->actingAs($elsewhere->member());
    $theirs = $elsewhere->addBowl($this, $elsewhere->planVisit($this))->json('id');
    $elsewhere->put(
        $this,
        $this->postJson("/api/bowls/{$theirs}/batches", ['id' => (string) Str::uuid()])->json(),
        ['zero' => $mine],
    )->assertCreated();
    $this->actingAs($this->salon->member());
    app()->forgetScopedInstances();
    $this->salon->record($this, $this->batch, poured($this->colour, '12 g'))->assertCreated();
});

it('finds a pour that nobody recorded by the weight of the bowl, and asks what it was', function () {
    $batch = $this->salon->record($this, $this->batch, poured($this->colour, '40 g'))->json();
    // The bowl of 210 g with 40 g in it, and 45.1 g more.
    $back = ['stands' => 'same', 'reading' => 29_510, 'zero' => 'put back'];
    $this->salon->put($this, $batch, $back)->assertOk()
        ->assertJsonPath('question.about', 'more-than-recorded')->assertJsonPath('question.extra', '45.1 g');
    $line = $batch['current'];
    $known = $this->salon->put($this, $batch, [...$back, 'line' => $line])->assertCreated()->json('batch');
    expect($known['total'])->toBe('85.1 g')->and($known['status'])->toBe('over')->and($known['zero'])->toBe('put back');
});

it('asks about what is unlikely before it believes it', function () {
    $this->salon->record($this, $this->batch, poured($this->colour, '120 g'))->assertUnprocessable()
        ->assertJsonPath('message', '120 g of 6N is more than its pack of 60 g holds.');
    $seventh = poured($this->salon->shades['7G']->productId(), '45 g');
    $this->salon->record($this, $this->batch, $seventh)->assertUnprocessable()
        ->assertJsonPath('message', '45 g of 7G would be in, for 20 g that were wanted.');
    expect(pours())->toBe(0);
    $this->salon->record($this, $this->batch, [...$seventh, 'sure' => true])
        ->assertCreated()
        ->assertJsonPath('status', 'over');
});

it('throws a bowl away at any time, and uses nothing of it', function () {
    $this->salon->record($this, $this->batch, ['kind' => 'discarded', 'reason' => 'Spilt'])->assertCreated();
    $second = $this->salon->startBatch($this, $this->bowl['id']);
    $done = $this->salon->pourAll($this, $second);
    $thrown = $this->salon->record($this, $done, ['kind' => 'discarded', 'reason' => 'Stood too long'])
        ->assertCreated()
        ->json();
    expect($thrown)->toMatchArray(['status' => 'discarded', 'total' => '150.0 g', 'used' => '0.0 g']);
    $visit = $this->getJson("/api/visits/{$this->visit['id']}")->json('rounds.0.bowls.0');
    expect($visit['batches'][1])
        ->toMatchArray(['status' => 'discarded', 'used' => null])
        ->and($visit['state'])
        ->toBe('planned');
    // Taken back, it is a finished bowl again.
    $this->salon->record($this, $thrown, ['kind' => 'undone'])->assertCreated()->assertJsonPath('status', 'finished');
});

it('steers an over-pour back with another strength of the shelf', function () {
    $weak = $this->salon->developers[10]->productId();
    $strong = $this->salon->developers[20]->productId();
    $id = $this->salon->addBowl($this, $this->visit, ['letter' => 'B', 'parts' => [
        ['ingredients' => [['product' => $this->colour, 'share' => 'all']]],
        ['ingredients' => [['product' => $weak, 'share' => '1'], ['product' => $strong, 'share' => '1']]],
    ], 'amount' => ['of' => 'colour', 'grams' => '40 g']])->assertCreated()->json('id');
    $batch = $this->salon->startBatch($this, $id);
    // 30 g of each developer were wanted; 32 g of the 10 are in.
    foreach ([[$this->colour, '40 g'], [$weak, '32 g']] as [$line, $grams]) {
        $batch = $this->salon->record($this, $batch, poured($line, $grams))->assertCreated()->json();
    }
    expect($batch['over']['keep']['extra'])->toBe('6.7 g')
        ->and($batch['over']['steer'])->toMatchArray(['total' => '100.0 g', 'extra' => '0.0 g'])
        ->and($batch['over']['steer']['toPour'])->toBe([['label' => '20 vol', 'grams' => '28.0 g', 'topUp' => false]])
        ->and($batch['presses'])->toContain('steer');
    $on = $this->salon->record($this, $batch, ['kind' => 'steered'])->assertCreated()->json();
    expect($on['current'])
        ->toBe($strong)
        ->and($on['lines'][2])
        ->toMatchArray(['target' => '28.0 g', 'planned' => '30.0 g']);
    $this->salon->record($this, $on, ['kind' => 'steered'])->assertUnprocessable();
    // Read again by another device, it is the same.
    app()->forgetScopedInstances();
    expect($this->getJson("/api/batches/{$on['id']}")->json())->toBe($on);
});

it('takes an id once: for what it was first sent with, in the bowl that it was sent to', function () {
    $first = poured($this->colour, '10 g') + ['id' => (string) Str::uuid()];
    $poured = $this->salon->record($this, $this->batch, $first)->assertCreated()->json();
    $this->salon->record($this, $this->batch, $first)->assertCreated()->assertJsonPath('sequence', $poured['sequence']);
    $taken = 'This event was already recorded with other contents.';
    $this->salon->record($this, $poured, [...$first, 'grams' => '11 g'])->assertConflict()->assertJsonPath('message', $taken);
    $id = $this->salon->addBowl($this, $this->visit, ['letter' => 'B'])->assertCreated()->json('id');
    $other = $this->salon->startBatch($this, $id);
    $this->salon->record($this, $other, $first)->assertConflict()->assertJsonPath('message', $taken)
        ->assertJsonPath('newer.id', $other['id']);
    expect(Pour::query()->where('id', $first['id'])->pluck('batch_id')->all())->toBe([$this->batch['id']]);
});

it('does not open a finished batch again while another one is being weighed', function () {
    $done = $this->salon->pourAll($this, $this->batch);
    $this->salon->startBatch($this, $this->bowl['id']);
    $this->salon->record($this, $done, ['kind' => 'undone'])->assertUnprocessable()
        ->assertJsonPath('message', 'Another batch of this bowl has been begun since.');
});

it('weighs back from the scale: the bowl’s own weight is known', function () {
    $done = $this->salon->pourAll($this, $this->batch);
    $back = ['stands' => 'back', 'zero' => 'after the service'];
    $this->salon->put($this, $done, [...$back, 'reading' => 19_000])
        ->assertOk()
        ->assertJsonPath('question.about', 'lighter-than-bowl');
    $this->salon->put($this, $done, [...$back, 'reading' => 40_000])->assertUnprocessable();
    $this->salon->put($this, $done, [...$back, 'reading' => 23_150])->assertCreated()
        ->assertJsonPath('batch.leftover', '21.5 g')->assertJsonPath('batch.used', '128.5 g');
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
    expect(pours())->toBe(0);
});
