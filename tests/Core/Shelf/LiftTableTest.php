<?php

declare(strict_types=1);

use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Strength;

// Common practice, no source: up to 10 vol deposits, 20 lifts up to 2 levels, 30 up to 3, 40 up to 4; lightener up to
// 7.
it('lifts as the trade says', function (LineKind $kind, int $volume, string $levels) {
    expect(LiftTable::standard($kind)->levelsAt(Strength::vol($volume))->decimal(2))->toBe($levels);
})->with([
    [LineKind::Permanent, 10, '0'], [LineKind::Permanent, 15, '1'],
    [LineKind::Permanent, 20, '2'], [LineKind::Permanent, 25, '2.5'], [LineKind::Permanent, 30, '3'],
    [LineKind::Permanent, 40, '4'],
    [LineKind::Lightener, 5, '3'], [LineKind::Lightener, 10, '4'],
    [LineKind::Lightener, 20, '5'], [LineKind::Lightener, 25, '5.5'], [LineKind::Lightener, 30, '6'],
    [LineKind::Lightener, 40, '7'],
    [LineKind::Demi, 20, '0'], [LineKind::Care, 20, '0'], [LineKind::Direct, 40, '0'],
]);

it('takes no developer for no strength', function () {
    expect(LiftTable::standard(LineKind::Lightener)->levelsAt(null)->decimal(1))->toBe('2')
        ->and(LiftTable::standard(LineKind::Permanent)->levelsAt(null)->decimal(1))->toBe('0');
});

it('takes a line’s own table in any order, straight between its strengths and level at its ends', function () {
    $own = LiftTable::of([30 => Fraction::of(3), 12 => Fraction::one()]);
    $at = static fn (int $volume): string => $own->levelsAt(Strength::vol($volume))->decimal(2);
    expect([$at(5), $at(12), $at(21), $at(30), $at(40)])->toBe(['1', '1', '2', '3', '3']);
});

it('never lifts less with more', function (LineKind $kind) {
    $before = Fraction::zero();
    for ($tenths = 1; $tenths <= 400; $tenths++) {
        $lift = LiftTable::standard($kind)->levelsAt(Strength::ofVolume(Fraction::of($tenths, 10)));
        expect($lift->compare($before))->toBeGreaterThanOrEqual(0);
        $before = $lift;
    }
})->with([LineKind::Permanent, LineKind::Lightener]);
