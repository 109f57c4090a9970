<?php

declare(strict_types=1);

use App\Enums\Role;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $this->visit = $this->salon->planVisit($this);
    $this->path = "/api/visits/{$this->visit['id']}";
    $zone = [
        'id' => 'mids',
        'name' => 'Mids',
        'spans' => ['mids'],
        'level' => '5',
        'wish' => ['level' => '8', 'tone' => []],
        'also' => ['of' => '1/3', 'level' => '6', 'tone' => []],
    ];
    $this->visit = $this->putJson("{$this->path}/canvas", ['version' => 0, 'canvas' => ['zones' => [$zone]]])
        ->assertOk()
        ->json();
    $this->round = "/api/rounds/{$this->visit['rounds'][0]['id']}/reached";
});

it('keeps what a round came to, with who looked, and the picture reads it', function () {
    $this->actingAs($this->salon->member(Role::Assistant));
    $version = $this->visit['rounds'][0]['version'];
    $reached = [
        ['zone' => 'mids', 'level' => '7', 'tone' => ['gold'], 'words' => 'warm'],
        ['zone' => 'mids-also', 'level' => '6', 'tone' => []],
    ];
    $visit = $this->putJson($this->round, ['version' => $version, 'results' => $reached])->assertOk()->json();
    expect($visit['rounds'][0]['reachedBy'])->toBe('Somebody')
        ->and($visit['rounds'][0]['reached'][0])->toMatchArray(
            ['zone' => 'mids', 'level' => '7', 'tone' => ['gold'], 'words' => 'warm'],
        )
        ->and(array_column($visit['picture']['zones'], 'name'))->toBe(['Mids, the rest', 'Mids, 1/3'])
        ->and($visit['picture']['zones'][0]['reached']['words'])->toBe('level 7 gold')
        ->and($visit['picture']['zones'][0]['verdict'])->toBe('too deep')
        ->and($visit['picture']['zones'][1]['verdict'])->toBe('on target');
    // An older look does not overwrite a newer one; a zone that is not there is refused, and where.
    $this->putJson($this->round, ['version' => $version, 'results' => []])->assertConflict();
    $this->putJson($this->round, ['version' => $version + 1, 'results' => [['zone' => 'nape', 'level' => '7']]])
        ->assertUnprocessable()->assertJsonPath('problems.0.pointer', '/results/0/zone');
    $this->putJson($this->round, ['version' => $version + 1, 'results' => [['zone' => 'mids', 'level' => '14']]])
        ->assertUnprocessable()->assertJsonPath('problems.0.pointer', '/results/0/level');
    $this->actingAs((new SmallSalon)->member());
    $this->putJson($this->round, ['version' => $version + 1, 'results' => []])->assertNotFound();
});

it('keeps care in its order, sums it, and brings it undone into the repeat', function () {
    $steps = [
        [
            'id' => 'a',
            'kind' => 'wash',
            'words' => 'conditioner first',
            'minutes' => null,
            'price' => '',
            'done' => true,
        ],
        [
            'id' => 'b',
            'kind' => 'mask',
            'words' => 'the blue one',
            'minutes' => '10',
            'price' => '12.5',
            'done' => false,
        ],
    ];
    $visit = $this->putJson("{$this->path}/care", ['version' => $this->visit['version'], 'steps' => $steps])
        ->assertOk()
        ->json();
    expect($visit['care'])->toMatchArray(['minutes' => 10, 'price' => '12.50'])
        ->and(array_column($visit['care']['steps'], 'words'))->toBe(['conditioner first', 'the blue one']);
    $this->putJson("{$this->path}/care", ['version' => $this->visit['version'], 'steps' => []])->assertConflict();
    $this->putJson(
        "{$this->path}/care",
        ['version' => $visit['version'], 'steps' => [['kind' => 'mask', 'words' => '', 'price' => 'much']]],
    )
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/steps/0/words')
        ->assertJsonPath('problems.1.pointer', '/steps/0/price');
    $bowl = $this->salon->addBowl($this, $visit)->json();
    $batch = $this->salon->startBatch($this, $bowl['id']);
    $this->getJson($this->path)->assertJsonPath('leftOpen', ['Bowl A stands half weighed']);
    $this->salon->pourAll($this, $batch);
    $this->salon->setAside($this, $bowl['id']);
    $this->getJson($this->path)->assertJsonPath('leftOpen', []);
    $this->postJson("{$this->path}/close", ['version' => $visit['version'], 'verdict' => 'good'])
        ->assertOk()
        ->assertJsonPath('leftOpen', []);
    $made = $this->postJson("{$this->path}/repeat", ['id' => (string) Illuminate\Support\Str::uuid()])
        ->assertCreated()
        ->json();
    expect(array_column($made['care']['steps'], 'done'))->toBe([false, false])
        ->and($made['care']['minutes'])->toBe(10);
});
