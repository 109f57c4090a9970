<?php

declare(strict_types=1);

use Core\Practice\Number;
use Core\Scale\PanWatch;
use Core\Scale\StillWatch;
use Core\Scale\WeightUnit;

// Where one reading more, or one moment later, makes the difference.

it('writes a weight as a scale shows it', function (WeightUnit $unit, int $centigrams, string $shown) {
    // One avoirdupois ounce is 28.349523125 g, a pound sixteen of them (NIST SP 811).
    expect($unit->shown($centigrams))->toBe($shown);
})->with([
    [WeightUnit::Gram, 0, '0.00'], [WeightUnit::Gram, 5, '0.05'], [WeightUnit::Gram, 12_345, '123.45'],
    [WeightUnit::Gram, -1, '-0.01'], [WeightUnit::Gram, 1, '0.01'], [WeightUnit::Gram, -12_345, '-123.45'],
    [WeightUnit::Kilogram, 12_345, '0.1235'], [WeightUnit::Kilogram, 120_000, '1.2000'],
    [WeightUnit::Kilogram, 4, '0.0000'], [WeightUnit::Kilogram, 5, '0.0001'],
    [WeightUnit::Ounce, 2_835, '1.0000'], [WeightUnit::Ounce, -5_670, '-2.0000'],
    [WeightUnit::Pound, 45_359, '1.0000'],
]);

it('reads a weight in whatever the scale is set to', function (string $word, string $number, int $centigrams) {
    expect(WeightUnit::read($word)?->centigrams($number))->toBe($centigrams);
})->with([
    ['G', '12.345', 1_235], ['gr', '12.344', 1_234], ['KG', '0.1', 10_000], ['kg', '1.00001', 100_001],
    ['Oz', '1', 2_835], ['LBS', '1', 45_359], ['lb', '-1', -45_359],
]);

it('is still once it has shown the same for four tenths of a second', function () {
    $watch = new StillWatch;
    expect($watch->see(1_000, 5_000))->toBeFalse()
        ->and($watch->see(1_010, 5_399))->toBeFalse()
        ->and($watch->see(1_010, 5_400))->toBeTrue()
        ->and($watch->see(990, 5_500))->toBeTrue()
        // One step more than a step away it has moved, and the moment begins again.
        ->and($watch->see(1_011, 5_600))->toBeFalse()
        ->and($watch->see(1_011, 5_999))->toBeFalse()
        ->and($watch->see(1_011, 6_000))->toBeTrue();
});

/** @param  list<array{int, bool, int}>  $seen  reading, still, milliseconds */
function panWatched(array $seen): PanWatch
{
    $watch = new PanWatch;
    foreach ($seen as $each) {
        $watch->see(...$each);
    }

    return $watch;
}

it('takes for a jump only what comes within a moment', function (int $between, int $changes) {
    $jump = Number::PanJump->centigrams();
    // Half of the jump, and the other half so much later: a bowl set down, or a gush and another gush.
    $watch = panWatched([
        [20_000, true, 1_000],
        [20_000 + intdiv($jump, 2), false, 1_000 + intdiv($between, 2)],
        [20_000 + $jump, false, 1_000 + $between],
        [20_000 + $jump, true, 3_000],
    ]);
    expect($watch->changes())->toBe($changes)->and($watch->isUnsettled())->toBeFalse();
})->with([[100, 1], [340, 1], [342, 0], [900, 0]]);

it('believes what came last, however slow the link', function () {
    $jump = Number::PanJump->centigrams();
    $watch = panWatched([[20_000, true, 1_000], [20_000 + $jump, true, 60_000]]);
    expect($watch->changes())->toBe(1);
});

it('needs the whole jump, not nearly', function () {
    $jump = Number::PanJump->centigrams();
    expect(panWatched([[20_000, true, 0], [20_000 + $jump - 1, true, 100]])->changes())->toBe(0)
        ->and(panWatched([[20_000, true, 0], [20_000 + $jump, true, 100]])->changes())->toBe(1);
});

it('is unsettled from the jump until it rests', function () {
    $watch = panWatched([[20_000, true, 0], [60_000, false, 100]]);
    expect($watch->isUnsettled())->toBeTrue()->and($watch->changes())->toBe(0);
    $watch->see(60_000, false, 200);
    expect($watch->isUnsettled())->toBeTrue();
    $watch->see(60_000, true, 900);
    expect($watch->isUnsettled())->toBeFalse()->and($watch->changes())->toBe(1);
});

it('waits for what comes back when a bowl is lifted off, wherever the empty pan stands', function () {
    $same = Number::SameContent->centigrams();
    $lift = [[21_000, true, 0], [0, false, 100], [0, true, 1_000]];
    // It comes back as it was, to within what counts as the same.
    expect(panWatched([...$lift, [21_000 + $same, false, 2_000], [21_000 + $same, true, 3_000]])->changes())->toBe(0)
        ->and(panWatched([...$lift, [21_001 + $same, false, 2_000], [21_001 + $same, true, 3_000]])->changes())->toBe(1)
        // Nothing came back yet: nothing has changed.
        ->and(panWatched($lift)->changes())->toBe(0)
        ->and(panWatched([...$lift, [$same, true, 4_000]])->changes())->toBe(0);
});
