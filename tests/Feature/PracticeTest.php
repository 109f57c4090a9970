<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\Client;
use App\Models\Observation;
use App\Models\Visit;
use App\Practice\Lesson;
use Core\Codec\ReadCanvas;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->assistant = $this->salon->member(Role::Assistant);
    $this->actingAs($this->assistant);
    $this->visit = $this->postJson('/api/practice', ['id' => $this->id = (string) Str::uuid(), 'lesson' => 'grey'])
        ->assertCreated()
        ->json('visit');
});

it('invents a head for every lesson, with a level to read and a wish to reach', function (Lesson $lesson) {
    $canvases = [];
    foreach (range(1, 30) as $seed) {
        $canvas = ReadCanvas::from($lesson->canvas($seed));
        foreach ($canvas->zones as $zone) {
            expect($zone->level)->not->toBeNull()->and($zone->hasWish())->toBeTrue();
        }
        $canvases[] = json_encode($lesson->canvas($seed));
        // The same head for the same seed.
        expect($lesson->canvas($seed))->toBe($lesson->canvas($seed));
    }
    expect(count(array_unique($canvases)))->toBeGreaterThan(3);
})->with(Lesson::cases());

it('lets an assistant plan on a practice head, put it on, and see what it came to and what the rules say', function () {
    $visit = $this->getJson("/api/visits/{$this->visit}")->assertOk()->json();
    expect($visit['client'])->toMatchArray(['practice' => true, 'training' => true])
        ->and($visit['gate']['open'])->toBeTrue()
        // The truth of the head is nowhere in what the page gets.
        ->and((string) json_encode($visit))->not->toContain('seed');
    $this->salon->addBowl(
        $this,
        $visit,
        ['place' => [['regions' => [], 'spans' => ['root', 'regrowth']]]],
    )->assertSuccessful();
    $came = $this->postJson("/api/visits/{$this->visit}/practice")->assertCreated()->json();
    expect($came['came'])->toHaveCount(1)->and($came['came'][0]['zone'])->toBe('Root')
        ->and($came['came'][0]['words'])->toStartWith('level ')->and($came['away'])->toBeGreaterThan(0);
    $this->postJson("/api/visits/{$this->visit}/practice")->assertCreated();
    $practice = $this->getJson('/api/practice')->assertOk()->json();
    expect($practice['progress'])
        ->toHaveCount(2)
        ->and($practice['heads'][0])
        ->toMatchArray(['visit' => $this->visit, 'tries' => 2, 'lesson' => 'Cover grey'])
        ->and(array_column($practice['lessons'], 'key'))->toContain('deepen');
});

it('says where the bowls leave the house’s rules', function () {
    $visit = $this->getJson("/api/visits/{$this->visit}")->json();
    $this->salon->addBowl(
        $this,
        $visit,
        ['place' => [['regions' => [], 'spans' => ['root', 'regrowth', 'mids', 'ends']]], 'minutes' => 90],
    )->assertSuccessful();
    $said = implode(' ', $this->postJson("/api/visits/{$this->visit}/practice")->json('said'));
    expect($said)->toContain('Rinse by then');
});

it('mixes nothing of it into the salon’s records', function () {
    $owner = $this->salon->member(Role::Owner);
    $this->actingAs($owner);
    expect(array_column($this->getJson('/api/today')->json('visits'), 'id'))->not->toContain($this->visit)
        ->and(array_column($this->getJson('/api/clients')->json(), 'name'))->not->toContain(
            Client::query()->where('practice_of', $this->assistant->id)->sole()->name,
        )
        ->and(Observation::query()->where('salon_id', $this->salon->salon->id)->count())->toBe(0)
        // Everybody's own: the owner has none.
        ->and($this->getJson('/api/practice')->json('heads'))->toBe([]);
    // The same press again makes nothing twice; a lesson that is none is refused.
    $this->actingAs($this->assistant);
    $this->postJson('/api/practice', ['id' => $this->id, 'lesson' => 'grey'])
        ->assertCreated()
        ->assertJsonPath('visit', $this->visit);
    expect(Client::query()->where('practice_of', $this->assistant->id)->count())->toBe(1);
    $this->postJson('/api/practice', ['id' => (string) Str::uuid(), 'lesson' => 'magic'])->assertStatus(422);
});

it('puts nothing on a real client, and nothing on another salon’s head', function () {
    $this->actingAs($this->salon->member());
    $real = $this->salon->planVisit($this)['id'];
    $this->postJson("/api/visits/{$real}/practice")->assertNotFound();
    $this->actingAs((new SmallSalon)->member());
    $this->postJson("/api/visits/{$this->visit}/practice")->assertNotFound();
    expect(Visit::query()->whereKey($this->visit)->exists())->toBeTrue();
});

it('makes a first bowl on a practice head of the house’s own shelf, once, for whoever works here', function () {
    $salon = new SmallSalon;
    $this->actingAs($salon->member(Role::Assistant));
    $id = (string) Str::uuid();
    $bowl = $this->postJson('/api/practice/bowl', ['id' => $id])->assertCreated()->json('bowl');
    expect($this->postJson('/api/practice/bowl', ['id' => $id])->assertCreated()->json('bowl'))->toBe($bowl);
    $visit = $this->getJson("/api/visits/{$id}")->assertOk()->json();
    $made = $visit['rounds'][0]['bowls'][0];
    expect($visit['rounds'][0]['bowls'])->toHaveCount(1)->and($made['worked']['parts'][0]['grams'])->toBe('30.0 g')
        ->and($made['worked']['parts'][0]['ingredients'])->toHaveCount(2);
    // Nobody tests a head that is nobody's: it can be weighed at once.
    $this->postJson("/api/bowls/{$bowl}/batches", ['id' => (string) Str::uuid()])->assertCreated();
    $this->postJson('/api/practice/bowl', ['id' => 'one'])->assertUnprocessable();
    $salon->salon->colourLines()->update(['withdrawn' => true]);
    app()->forgetScopedInstances();
    $this->postJson('/api/practice/bowl', ['id' => (string) Str::uuid()])->assertUnprocessable()
        ->assertJsonPath('mend', 'Add them under Shelf; then there is a bowl to weigh.');
});
