<?php

declare(strict_types=1);

use Core\Practice\ClockStart;
use Core\Timing\BowlClock;
use Core\Timing\Side;
use Core\Timing\SideClocks;
use Core\Timing\Stamp;
use Core\Timing\StampKind;

/** @return list<Stamp> marks at minutes */
function marks(array $at): array
{
    return array_map(static fn (array $each): Stamp => new Stamp(StampKind::from($each[0]), $each[1] * 60), $at);
}

/** @return array{string, ?int, ?int} state, minutes applied and processed */
function bothSides(array $sides, int $now): array
{
    $clock = BowlClock::of(
        SideClocks::together(array_map(marks(...), $sides)),
        35,
        45,
        ClockStart::Complete,
        $now * 60,
    );

    return [$clock->state->value, $clock->applied, $clock->processed];
}

it('is begun with the first side, complete and rinsed with the last', function (
    array $sides,
    int $now,
    array $expected,
) {
    expect(bothSides($sides, $now))->toBe($expected);
})->with([
    'left is on, right is to come' => [['left' => [['began', 0], ['completed', 10]]], 12, ['applying', null, null]],
    'both are on' => [
        ['left' => [['began', 0], ['completed', 10]], 'right' => [['began', 11], ['completed', 20]]],
        30,
        ['processing', 20, null],
    ],
    'left is rinsed, right works' => [
        ['left' => [['began', 0], ['completed', 10], ['rinsed', 45]], 'right' => [['began', 11], ['completed', 20]]],
        50,
        ['processing', 20, null],
    ],
    'both are rinsed' => [
        [
            'left' => [['began', 0], ['completed', 10], ['rinsed', 45]],
            'right' => [['began', 11], ['completed', 20], ['rinsed', 55]],
        ],
        60,
        ['rinsed', 20, 35],
    ],
    'a mark taken back' => [
        ['left' => [['began', 0], ['undone', 1]], 'right' => [['began', 5]]],
        6,
        ['applying', null, null],
    ],
    'looked at between' => [
        ['front' => [['began', 0], ['completed', 5], ['checked', 20]], 'back' => [['began', 6], ['completed', 12]]],
        22,
        ['processing', 12, null],
    ],
]);

it('has another side for each', function () {
    foreach (Side::cases() as $side) {
        expect($side->other()->other())->toBe($side)->and($side->other())->not->toBe($side);
    }
});

/** @return list<array{string, int}> every mark of the bowl, in minutes */
function bowlMarks(array $sides): array
{
    return array_map(
        static fn (Stamp $stamp): array => [$stamp->kind->value, intdiv($stamp->second, 60)],
        SideClocks::together(array_map(marks(...), $sides)),
    );
}

it('tells what was done to the bowl once, as the side says that has it most often, in the order in which it was', function () {
    expect(bowlMarks([
        'left' => [
            ['began', 0], ['checked', 8], ['completed', 10], ['heat-on', 11], ['heat-off', 16], ['through', 30],
        ],
        'right' => [
            ['began', 5], ['completed', 14], ['heat-on', 15], ['heat-off', 18], ['heat-on', 19], ['checked', 20],
            ['emulsified', 40],
        ],
    ]))->toBe([
        ['began', 0], ['checked', 8], ['completed', 14], ['heat-on', 15], ['heat-off', 16], ['heat-on', 19],
        ['checked', 20], ['through', 30], ['emulsified', 40],
    ]);
});

it('keeps the order of life where marks fall on one moment', function () {
    expect(bowlMarks([
        'left' => [['rinsed', 0], ['checked', 0], ['completed', 0], ['began', 0], ['more', 0]],
        'right' => [['began', 0], ['completed', 0], ['rinsed', 0], ['through', 0]],
    ]))->toBe([
        ['began', 0], ['checked', 0], ['through', 0], ['more', 0], ['completed', 0], ['rinsed', 0],
    ]);
});

it('takes back the latest mark of a side that still stands', function () {
    expect(bowlMarks([
        'left' => [['began', 0], ['completed', 10], ['undone', 11], ['completed', 12]],
        'right' => [['began', 3], ['completed', 9]],
    ]))->toBe([['began', 0], ['completed', 12]])
        // Of two that are begun and one that is complete, the bowl is not.
        ->and(bowlMarks(['left' => [['began', 4], ['completed', 10]], 'right' => [['began', 3]]]))->toBe([['began', 3]]);
});
