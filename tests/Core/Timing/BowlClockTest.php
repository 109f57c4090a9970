<?php

declare(strict_types=1);

use Core\Practice\ClockStart;
use Core\Timing\BowlClock;
use Core\Timing\ClockState;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Timing\StampRefused;

/** @param  list<array{string, int}>  $marks  kind and minute */
function marked(array $marks, int $now, ClockStart $start = ClockStart::Complete): BowlClock
{
    return BowlClock::of(
        array_map(static fn (array $mark): Stamp => new Stamp(StampKind::from($mark[0]), $mark[1] * 60), $marks),
        35,
        45,
        $start,
        $now * 60,
    );
}

// The clock starts when the application is complete; another school starts at first touch (common practice, no source).
it('counts by the house’s school and shows both', function (ClockStart $start, int $now, ClockState $state, ?int $due) {
    $clock = marked([['began', 0], ['completed', 20]], $now, $start);
    expect($clock->state)->toBe($state)
        ->and($clock->due)->toBe($due === null ? null : $due * 60)
        ->and($clock->applied)->toBe(20)
        ->and($clock->longest)->toBe($now);
})->with([
    'complete: working' => [ClockStart::Complete, 50, ClockState::Processing, 55],
    'complete: due' => [ClockStart::Complete, 55, ClockState::Due, 55],
    'complete: at the line’s most' => [ClockStart::Complete, 65, ClockState::Due, 55],
    'complete: over' => [ClockStart::Complete, 66, ClockState::Over, 55],
    'first touch: due already' => [ClockStart::FirstTouch, 40, ClockState::Due, 35],
    'first touch: over' => [ClockStart::FirstTouch, 46, ClockState::Over, 35],
]);

it('knows every state on the way', function (array $marks, ClockState $state, ?int $processed = null) {
    $clock = marked($marks, 30);
    expect($clock->state)->toBe($state)->and($clock->processed)->toBe($processed);
})->with([
    'not begun' => [[], ClockState::Waiting],
    'going on' => [[['began', 20]], ClockState::Applying],
    'looked at' => [[['began', 0], ['completed', 10], ['checked', 25]], ClockState::Processing],
    'rinsed' => [[['began', 0], ['completed', 5], ['rinsed', 29]], ClockState::Rinsed, 24],
    'rinsed before the last touch' => [[['began', 0], ['rinsed', 29]], ClockState::Rinsed, 29],
    'taken back' => [[['began', 0], ['completed', 5], ['rinsed', 29], ['undone', 29]], ClockState::Processing],
    'all taken back' => [[['began', 0], ['undone', 1]], ClockState::Waiting],
]);

it('stands still once rinsed', function () {
    expect(marked([['began', 0], ['completed', 10], ['rinsed', 40]], 500)->longest)->toBe(40);
});

it('refuses marks that contradict each other', function (array $marks, string $message) {
    expect(fn () => marked($marks, 60))->toRefuse(StampRefused::class, $message);
})->with([
    'rinsed before begun' => [[['rinsed', 1]], 'has not been begun'],
    'begun twice' => [[['began', 1], ['began', 2]], 'on the hair already'],
    'complete twice' => [[['began', 1], ['completed', 2], ['completed', 3]], 'complete already'],
    'after the rinse' => [[['began', 1], ['rinsed', 2], ['checked', 3]], 'rinsed already'],
    'backwards' => [[['began', 10], ['completed', 4]], 'before the last mark'],
    'nothing to undo' => [[['undone', 1]], 'no mark to take back'],
]);
