<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\ServiceTemplate;
use App\Models\Visit;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $this->visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $this->visit)->assertCreated();
    $this->service = $this->postJson("/api/visits/{$this->visit['id']}/template", ['name' => 'Root'])
        ->assertCreated()
        ->json('id');
});

it('lists what the house does again and again, with its bowls and how often it was done', function () {
    $this->getJson('/api/templates')
        ->assertOk()
        ->assertJsonCount(1)
        ->assertJsonPath('0.name', 'Root')
        ->assertJsonPath('0.visits', 1)
        ->assertJsonPath(
            '0.rounds.0.bowls.0',
            ['letter' => 'A', 'job' => 'Root', 'minutes' => '35', 'amount' => '60 g'],
        );
});

it('gives one another name, never that of another, and takes one off', function () {
    ServiceTemplate::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Foils', 'rounds' => []]);
    $rename = fn (string $name) => $this->patchJson("/api/templates/{$this->service}", ['name' => $name]);
    $rename('Foils')
        ->assertUnprocessable()
        ->assertJsonPath('errors.name.0', fn (string $said) => str_contains($said, 'Another service'));
    $rename('')->assertUnprocessable();
    $rename('Root, five weeks')->assertOk()->assertJsonPath('name', 'Root, five weeks');
    $this->actingAs($this->salon->member(Role::Assistant));
    $rename('Mine')->assertForbidden();
    $this->deleteJson("/api/templates/{$this->service}")->assertForbidden();
    $this->actingAs($this->salon->member());
    $this->deleteJson("/api/templates/{$this->service}")->assertOk();
    expect(array_column($this->getJson('/api/templates')->json(), 'name'))
        ->toBe(['Foils'])
        ->and(Visit::query()->findOrFail($this->visit['id'])->rounds()->count())
        ->toBe(1);
});

it('says of a past visit which of its house rules are others now, and of an open one nothing', function () {
    $closed = fn () => tap(
        app()->forgetScopedInstances(),
        fn () => null,
    ) ?? $this->getJson("/api/visits/{$this->visit['id']}")
        ->assertOk()
        ->json('rulesThen');
    expect($closed())->toBe([]);
    Visit::query()->whereKey($this->visit['id'])->update(['status' => 'closed', 'closed_at' => now()->subMinute()]);
    $this->actingAs($this->salon->member(Role::Owner));
    expect($closed())->toBe([]);
    $this->putJson(
        '/api/house',
        ['version' => $this->salon->salon->refresh()->version, 'timezone' => 'UTC', 'rules' => ['deposit' => '20']],
    )->assertOk();
    $this->actingAs($this->salon->member());
    $then = $closed();
    expect($then)->not->toBe([])->and(array_column($then, 'is'))->not->toBe(array_column($then, 'was'));
    Visit::query()->whereKey($this->visit['id'])->update(['closed_at' => now()->addMinute()]);
    expect($closed())->toBe([]);
});
