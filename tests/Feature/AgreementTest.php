<?php

declare(strict_types=1);

use App\Models\Developer;
use App\Models\Shade;
use Core\Codec\WorkFormula;
use Tests\Core\Sample;
use Tests\Feature\SmallSalon;

/*
 * One formula, asked at every door: while it is typed, on the visit (its card and the file are drawn of the same
 * answer), at the bench, in a document, and once it is poured. No door may tell another number.
 */

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->salon->line->update(
        ['legend' => ['notation' => 'letters', 'tones' => ['N' => ['natural' => '1'], 'G' => ['gold' => '1']]]],
    );
    $this->actingAs($this->salon->member());
    $this->ids = array_map(static fn (Shade $shade): string => $shade->productId(), $this->salon->shades)
        + array_map(static fn (Developer $each): string => $each->productId(), $this->salon->developers);
});

/**
 * @param  array<string, string>  $colour  share by shade
 * @param  array<int, string>  $developer  share by volume
 * @param  array<int|string, string>  $ids
 * @param  array<string, mixed>  $more
 * @return array<string, mixed> what changes in a sound bowl
 */
function ofShares(array $ids, array $colour, array $developer, array $more): array
{
    $shares = static fn (array $of): array => ['ingredients' => array_map(
        static fn (int|string $key, string $share): array => ['product' => $ids[$key], 'share' => $share],
        array_keys($of),
        array_values($of),
    )];

    return ['parts' => [$shares($colour), $shares($developer)]] + $more;
}

/**
 * @param  array<string, mixed>  $worked  as the page or a document tells it
 * @return array<string, string> grams by product
 */
function toldGrams(array $worked): array
{
    $lines = array_merge(...array_column($worked['parts'], 'ingredients'), ...[$worked['additives']]);
    foreach ($worked['extras'] ?? [] as $extra) {
        $lines[] = $extra;
    }
    $grams = array_column($lines, 'grams', 'product');
    ksort($grams);

    return $grams;
}

/**
 * A page tells some numbers to a tenth and others to a hundredth, a document all to a hundredth: the same, but for
 * that.
 *
 * @param  array<string, string>|string  $told
 */
function expectSame(array|string $told, string $shown): void
{
    $told = (array) $told;
    expect(preg_match_all('/[\d.]+/', $shown, $numbers))->toBe(count($told), $shown);
    foreach (array_values($told) as $at => $number) {
        expect((float) $number)->toEqualWithDelta((float) $numbers[0][$at], 0.0551, $shown);
    }
}

/** @return array<string, mixed> the salon's shelf and this bowl as a document */
function asDocument(SmallSalon $salon, array $bowl): array
{
    $line = $salon->line;

    return [
        'tinta' => 2,
        'developers' => array_values(array_map(
            static fn (Developer $each): array => ['id' => $each->productId(), 'strength' => $each->name],
            $salon->developers,
        )),
        'lines' => [$line->legend + [
            'id' => "line-{$line->id}", 'name' => $line->name, 'kind' => $line->kind, 'ratio' => $line->ratio,
            'window' => ['min' => $line->min_minutes, 'target' => $line->target_minutes, 'max' => $line->max_minutes],
            'developers' => array_values(array_map(
                static fn (Developer $each): string => $each->productId(),
                $salon->developers,
            )),
            'products' => array_values(array_map(static fn (Shade $shade): array => array_filter([
                'id' => $shade->productId(), 'code' => $shade->code,
                'kind' => $shade->code === 'Bond' ? 'additive' : null,
            ]), $salon->shades)),
        ]],
        'bowls' => [array_diff_key($bowl, ['note' => 1, 'minutes' => 1, 'place' => 1])],
    ];
}

dataset('formulas', [
    'two shades' => [['6N' => '2', '7G' => '1'], [20 => 'all'], []],
    'shares that meet no step' => [['6N' => '3', '7G' => '4'], [20 => 'all'], [
        'amount' => ['of' => 'total', 'grams' => '100 g'],
    ]],
    'percent and a quarter' => [['6N' => '75 %', '7G' => '25 %'], [10 => 'all'], [
        'ratio' => '1:2', 'amount' => ['of' => 'total', 'grams' => '47.3 g'],
    ]],
    'grams of each' => [['6N' => '14.2 g', '7G' => '10 g'], [20 => 'all'], ['amount' => null]],
    'two developers' => [['6N' => 'all'], [10 => '1', 20 => '2'], [
        'ratio' => '1:2', 'amount' => ['of' => 'colour', 'grams' => '33.3 g'],
    ]],
    'a developer given' => [['6N' => '1', '7G' => '1'], [20 => 'all'], [
        'amount' => ['of' => 'developer', 'grams' => '50 g'],
    ]],
    'an additive by its dose' => [['6N' => '1', '7G' => '2'], [20 => 'all'], ['bond' => '2.5 %']],
    'an additive by its grams' => [['7G' => 'all'], [10 => '1', 20 => '1'], ['bond' => '3.7 g']],
    'a little more on top' => [['6N' => 'all'], [20 => 'all'], ['more' => ['7G', '4.5 g', 'on-top']]],
    'a little more inside' => [['6N' => 'all'], [20 => 'all'], ['more' => ['7G', '4.5 g', 'inside']]],
    'a weaker developer on top' => [['6N' => 'all'], [20 => 'all'], ['more' => [10, '30 g', 'on-top']]],
]);

it('tells one number at every door', function (array $colour, array $developer, array $change) {
    $change += ['bond' => null, 'more' => null];
    $bowl = $this->salon->bowl(ofShares($this->ids, $colour, $developer, array_filter([
        'additives' => $change['bond'] === null ? [] : [['product' => $this->ids['Bond'], 'dose' => $change['bond']]],
        'extras' => $change['more'] === null ? [] : [[
            'product' => $this->ids[$change['more'][0]], 'grams' => $change['more'][1], 'counts' => $change['more'][2],
        ]],
    ]) + array_diff_key($change, ['bond' => 1, 'more' => 1])));

    $typed = $this->postJson('/api/bowls/preview', $bowl)->assertOk()->json();
    $grams = toldGrams($typed);
    expect($typed['known'])->toBeTrue();

    $visit = $this->salon->planVisit($this);
    $saved = $this->salon->addBowl($this, $visit, $bowl)->assertCreated()->json('id');
    $onVisit = $this->getJson("/api/visits/{$visit['id']}")->json('rounds.0.bowls.0.worked');
    expect($onVisit)->toBe($typed);

    $document = WorkFormula::work(asDocument($this->salon, $bowl))[0];
    expect(toldGrams($document))->toBe($grams)
        ->and($document['total'])->toBe($typed['total'])
        ->and($document['ratio'])->toBe($typed['ratio']);
    expectSame($document['level'], $typed['judgement']['level']);
    expectSame($document['strength'], $typed['strength']['developer']);
    expectSame($document['strengthOnHead'], $typed['strength']['onHead']);

    $batch = $this->salon->startBatch($this, $saved);
    $atBench = [];
    foreach ($batch['lines'] as $line) {
        $product = preg_replace('/^extra:/', '', $line['key']);
        $atBench[$product] = Sample::g($atBench[$product] ?? '0 g')->plus(Sample::g($line['target']))->text();
    }
    $asked = array_map(static fn (string $each): string => Sample::g($each)->text(), $grams);
    ksort($atBench);
    expect($atBench)->toBe($asked)
        ->and($batch['target'])->toBe($typed['total'])
        ->and($batch['bowl']['ratio'])->toBe($bowl['ratio']);

    $this->salon->pourAll($this, $batch);
    $poured = $this->getJson("/api/visits/{$visit['id']}")->json('rounds.0.bowls.0.batches.0.mixed');
    expect($poured)->toBe(Sample::g($typed['total'])->text());
})->with('formulas');
