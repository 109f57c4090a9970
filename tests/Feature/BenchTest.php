<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Client;
use App\Models\Shade;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member(Role::Assistant));
    $planner = $this->salon->member();
    $this->visit = null;
    $this->plan = function (array $change = []) use ($planner): string {
        $this->actingAs($planner);
        $this->visit ??= $this->salon->planVisit($this);
        $id = (string) Str::uuid();
        $this->salon->addBowl($this, $this->visit, $change, $id)->assertCreated();
        app()->forgetScopedInstances();
        $this->actingAs($this->salon->member(Role::Assistant));

        return $id;
    };
});

it('shows an assistant what is to be weighed, in pouring order, and how it is coloured', function () {
    $id = ($this->plan)([
        'mark' => 'the yellow bowl',
        'additives' => [['product' => $this->salon->shades['Bond']->productId(), 'dose' => '3 g']],
    ]);
    $facts = $this->getJson("/api/bowls/{$id}/bench")->assertOk()
        ->assertJsonPath('letter', 'A')
        ->assertJsonPath('job', 'Root')
        ->assertJsonPath('line', 'Line')
        ->assertJsonPath('lineId', "line-{$this->salon->line->id}")
        ->assertJsonPath('ratio', '1:1.5')
        ->assertJsonPath('client', $this->salon->client->name)
        ->assertJsonPath('mark', 'the yellow bowl')
        ->assertJsonPath('total', '153.0 g')
        ->json();
    expect(array_column($facts['lines'], 'grams', 'label'))->toBe([
        '6N' => '40 g',
        '7G' => '20 g',
        '20 vol' => '90 g',
        'Bond' => '3 g',
    ])
        ->and($facts['colours'][$this->salon->shades['6N']->productId()])->toBe('#806040')
        ->and($facts['colours'][$this->salon->developers[20]->productId()])->toBe('#e5dac3');
});

it('says of a bowl that is poured by eye what is known of it', function () {
    $id = ($this->plan)(['parts' => [
        [
            'ingredients' => [
                ['product' => $this->salon->shades['6N']->productId(), 'share' => '20 g'],
                ['product' => $this->salon->shades['7G']->productId(), 'share' => '“a dash”'],
            ],
        ],
        ['ingredients' => [['product' => $this->salon->developers[20]->productId(), 'share' => '?']]],
    ]]);
    $facts = $this->getJson("/api/bowls/{$id}/bench")->assertOk()->assertJsonPath('total', 'by eye')->json();
    expect(array_column($facts['lines'], 'grams', 'label'))->toBe([
        '6N' => '20 g',
        '7G' => 'by eye',
        '20 vol' => 'by eye',
    ]);
});

it('finds the batch of a bowl on every device: none, the open one, else the latest', function () {
    $id = ($this->plan)();
    expect($this->getJson("/api/bowls/{$id}/batch")->assertOk()->getContent())->toBe('null');
    $open = $this->salon->startBatch($this, $id);
    expect($this->getJson("/api/bowls/{$id}/batch")->json('id'))->toBe($open['id']);
    // Beginning again while one is open gives the open one, whatever id the second device made.
    expect($this->salon->startBatch($this, $id)['id'])->toBe($open['id']);
    $this->salon->pourAll($this, $open);
    expect($this->getJson("/api/bowls/{$id}/batch")->json('status'))->toBe('finished');
    $again = $this->postJson("/api/bowls/{$id}/batches", ['id' => (string) Str::uuid(), 'times' => '1/2'])
        ->assertCreated()
        ->json();
    expect($again['number'])->toBe(2)
        ->and($again['target'])->toBe('75.0 g')
        ->and($again['said'])->toBe('× 1/2')
        ->and($this->getJson("/api/batches/{$again['id']}")->json('id'))->toBe($again['id']);
});

it('refuses a batch of a size or strength that cannot be', function (array $how, string $message) {
    $id = ($this->plan)();
    $this->postJson("/api/bowls/{$id}/batches", ['id' => (string) Str::uuid()] + $how)
        ->assertUnprocessable()
        ->assertJsonPath('message', fn (string $said): bool => str_contains($said, $message));
})->with([
    'nothing' => [['times' => '0'], '“0” does not say how large'],
    'a crumb' => [['times' => '1/21'], 'does not say how large'],
    'a bucket' => [['times' => '11'], 'does not say how large'],
    'a word' => [['times' => 'some'], 'some'],
    'a strength the line has not' => [['strength' => '40 vol'], '40 vol'],
]);

it('keeps the bench of another salon shut', function () {
    $id = ($this->plan)();
    $batch = $this->salon->startBatch($this, $id);
    $other = new SmallSalon;
    $this->actingAs($other->member());
    app()->forgetScopedInstances();
    foreach (["bowls/{$id}/bench", "bowls/{$id}/batch", "batches/{$batch['id']}", "bowls/{$id}/remix"] as $door) {
        $this->getJson("/api/{$door}")->assertNotFound();
    }
    $this->postJson("/api/bowls/{$id}/batches", ['id' => (string) Str::uuid()])->assertNotFound();
    $this->salon->record($this, $batch, ['kind' => 'finished'])->assertNotFound();
});

it('says in words that the scale does not answer, and goes on without it', function () {
    config(['tinta.scale.ports.1' => 1]);
    $this->getJson('/api/scale/panel')->assertStatus(503)
        ->assertJsonPath('mend', 'Check that the scale is on and its cable is in. Grams can be typed by hand.');
    $batch = $this->salon->startBatch($this, ($this->plan)());
    $this->salon
        ->record(
            $this,
            $batch,
            ['kind' => 'poured', 'line' => $batch['current'], 'grams' => '40 g', 'source' => 'hand'],
        )
        ->assertCreated()
        ->assertJsonPath('lines.0.poured', '40.0 g');
});

it('drives the simulated scale from its panel, and has none where the scale is real', function () {
    $this->postJson('/api/scale/panel', ['command' => 'reset'])->assertOk();
    $this->postJson('/api/scale/panel', ['command' => 'bowl 180'])->assertOk();
    expect($this->getJson('/api/scale/panel')->assertOk()->json('state'))->toBeArray();
    $this->postJson('/api/scale/panel', ['command' => 'explode'])->assertUnprocessable();
    $this->postJson('/api/scale/panel', ['command' => 'pour much'])->assertUnprocessable();
    $this->postJson('/api/scale/panel', ['command' => "pour 4\nreset"])->assertUnprocessable();
    $this->get('/api/scale/check')->assertNoContent();
    config(['tinta.scale.simulated' => false]);
    $this->getJson('/api/scale/panel')->assertNotFound();
    $this->postJson('/api/scale/panel', ['command' => 'reset'])->assertNotFound();
    expect($this->getJson('/api/session')->json('scaleSimulated'))->toBeFalse();
});

it('lets nobody listen to the scale who is not signed in', function () {
    auth()->logout();
    $this->getJson('/api/scale/check')->assertUnauthorized();
    $this->postJson('/api/scale/panel', ['command' => 'reset'])->assertUnauthorized();
});

it('draws a withdrawn shade as it was, and says at the bench that it is gone only where it matters', function () {
    $id = ($this->plan)();
    Shade::query()->whereKey($this->salon->shades['6N']->id)->update(['withdrawn' => true]);
    app()->forgetScopedInstances();
    $this->getJson("/api/bowls/{$id}/bench")->assertOk()->assertJsonPath('lines.0.label', '6N');
    expect(Client::query()->whereKey($this->salon->client->id)->exists())->toBeTrue();
});
