<?php

declare(strict_types=1);

use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->salon->line->update(['legend' => [
        'notation' => 'letters',
        'tones' => ['N' => ['natural' => 1], 'G' => ['gold' => 1]],
        'lift' => ['10' => '0', '20' => '1.5', '30' => '2.5'],
    ]]);
    $this->actingAs($this->salon->member());
    $this->line = "line-{$this->salon->line->id}";
});

it('reads a code by the salon’s own legend and says how', function () {
    $this->getJson("/api/workbench/code?line={$this->line}&code=7+g")
        ->assertOk()
        ->assertJsonPath('headline', 'Level 7, gold')
        ->assertJsonPath('why.1', 'G: gold');
    $this->getJson("/api/workbench/code?line={$this->line}&code=7R")
        ->assertUnprocessable()
        ->assertJsonPath('mend', 'This line knows N, G.');
});

it('predicts a zone with the line’s own lift', function () {
    $answer = $this->getJson("/api/workbench/zone?line={$this->line}&level=5&text=20+vol&code=7N")->assertOk()->json();
    expect($answer['facts'][0])->toBe(['label' => 'Lifted to', 'value' => 'level 6.5'])
        ->and($answer['swatches'])->toHaveCount(3)
        ->and($answer['why'][0])->toContain('20 vol lifts 1.5 levels');
    $this
        ->getJson("/api/workbench/zone?line={$this->line}&level=5&text=30+vol&code=7N&minutes=60")
        ->assertJsonPath('cautions.0.reason', '60 minutes is beyond the line’s 45.');
});

it('says both ways of a strength, and asks when it could be either', function () {
    $this->getJson('/api/workbench/strength?text=13+vol')->assertOk()->assertJsonPath('headline', '13 vol (3.9 %)');
    $this->getJson('/api/workbench/strength?text=6')
        ->assertUnprocessable()
        ->assertJsonPath('mend', 'Add “vol” or “%”.');
});

it('advises on grey, filling, toning and amounts', function (string $path, string $headline) {
    $this->getJson(str_replace('LINE', $this->line, "/api/workbench/{$path}"))
        ->assertOk()
        ->assertJsonPath('headline', $headline);
})->with([
    ['grey?percent=80', '75 % to 100 % natural'],
    ['fill?line=LINE&level=9&target=6', 'Fill first'],
    ['fill?line=LINE&level=7&target=6', 'No filler needed'],
    ['toner?line=LINE&level=7&wish=gold', 'Tone with 7G'],
    ['amount?job=gloss&density=thick&length=mid-back', '126 g to 189 g of mixture'],
]);

it('gives grey its natural shade as a piece of a formula', function () {
    $this->getJson("/api/workbench/grey?percent=60&line={$this->line}&level=6")->assertOk()
        ->assertJsonPath(
            'fragment.ingredients',
            [['product' => $this->salon->shades['6N']->productId(), 'share' => '50 %']],
        );
});

it('blends a wished strength in grams', function () {
    $this->getJson("/api/workbench/blend?line={$this->line}&text=15+vol&grams=90+ml")
        ->assertOk()
        ->assertJsonPath('headline', '45 g of 10 vol and 45 g of 20 vol')
        ->assertJsonPath('fragment.part', 1);
    $this->getJson("/api/workbench/blend?line={$this->line}&text=40+vol")->assertUnprocessable();
});

it('finds what stands in for a shade that is out', function () {
    foreach (['8N', '7N'] as $code) {
        App\Models\Shade::query()->create([
            'colour_line_id' => $this->salon->line->id,
            'code' => $code,
            'name' => $code,
            'kind' => 'shade',
            'pack_cg' => 6000,
            'swatch' => '#806040',
        ]);
    }
    $this->getJson("/api/workbench/substitute?line={$this->line}&code=7N&grams=60+g")->assertOk()
        ->assertJsonPath('headline', '30 g of 6N and 30 g of 8N')
        ->assertJsonPath('fragment.ingredients.0.share', '30 g')
        ->assertJsonPath('facts.0.value', 'nothing: level, tone and intensity are met (distance 0)');
    $this->getJson("/api/workbench/substitute?line={$this->line}&code=7N&grams=nothing")->assertUnprocessable();
});

it('refuses settings that are none, in words', function (string $path) {
    $this->getJson("/api/workbench/{$path}")->assertUnprocessable();
})->with(
    ['grey?percent=140', 'zone?level=30', 'amount?job=all', 'amount?job=foils', 'grey?percent[]=3', 'toner?level=8.123'],
);

it('judges a previewed bowl and says why', function () {
    $this->postJson('/api/bowls/preview', $this->salon->bowl())->assertOk()
        ->assertJsonPath('judgement.level', '6.3')->assertJsonPath('judgement.tone', '67 % natural, 33 % gold')
        ->assertJsonPath('warnings.0.key', 'skin-test')->assertJsonPath('why.0', '60 g of colour was given.')
        ->assertJsonPath('judgement.why.0', 'Level 6.3: the mean of 40 g of 6N and 20 g of 7G, by weight.');
});
