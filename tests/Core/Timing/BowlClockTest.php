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

/** @param  list<array{string, int, 2?: int}>  $marks  kind, minute, and minutes given */
function marksGiven(array $marks): array
{
    return array_map(
        static fn (array $mark): Stamp => new Stamp(StampKind::from($mark[0]), $mark[1] * 60, $mark[2] ?? 0),
        $marks,
    );
}

it('is due later by what is given to it, and over no sooner than that', function (array $given, int $due, int $over) {
    // Planned for 35, the line allows 45, complete at 10.
    $clock = BowlClock::of(
        marksGiven([['began', 0], ['completed', 10], ...$given]), 35, 45, ClockStart::Complete, 20 * 60,
    );
    expect([$clock->due, $clock->over])->toBe([$due * 60, $over * 60]);
})->with([
    'nothing' => [[], 45, 55],
    'five minutes' => [[['more', 15, 5]], 50, 55],
    'ten, and ten again' => [[['more', 15, 10], ['more', 16, 10]], 65, 65],
    'an hour' => [[['more', 15, 60]], 105, 105],
    'one minute, taken back' => [[['more', 15, 1], ['undone', 16]], 45, 55],
]);

it('counts looks, and minutes to the nearest', function () {
    $clock = BowlClock::of([
        new Stamp(StampKind::Began, 0),
        new Stamp(StampKind::Checked, 300),
        new Stamp(StampKind::Completed, 629),
        new Stamp(StampKind::Checked, 900),
        new Stamp(StampKind::Through, 1000),
        new Stamp(StampKind::Rinsed, 2459),
    ], 35, 45, ClockStart::Complete, 9999);
    // 10:29, then 30:30.
    expect([$clock->checks, $clock->applied, $clock->processed, $clock->longest])->toBe([2, 10, 31, 41]);
});

it('is set aside before it goes on, and then nothing more', function () {
    expect(marked([['set-aside', 5]], 10)->state)->toBe(ClockState::SetAside)
        ->and(marked([['set-aside', 5]], 10)->standing)->toHaveCount(1)
        ->and(marked([['set-aside', 5], ['undone', 6]], 10)->state)->toBe(ClockState::Waiting);
});

it('refuses a mark that cannot be, and says which', function (array $marks, string $key) {
    try {
        BowlClock::of(marksGiven($marks), 35, 45, ClockStart::Complete, 9000);
        $said = 'nothing';
    } catch (StampRefused $refused) {
        $said = $refused->fact()->key;
    }
    expect($said)->toBe($key === '' ? 'nothing' : "refusals.stamp-refused.{$key}");
})->with([
    'set aside when it is on' => [[['began', 1], ['set-aside', 2]], 'already-begun'],
    'anything after that' => [[['set-aside', 1], ['began', 2]], 'set-aside'],
    'heat off that was never on' => [[['began', 1], ['heat-off', 2]], 'no-heat'],
    'heat off twice' => [[['began', 1], ['heat-on', 2], ['heat-off', 3], ['heat-off', 4]], 'no-heat'],
    'heat on twice' => [[['began', 1], ['heat-on', 2], ['heat-on', 3]], 'heat-is-on'],
    'heat on again' => [[['began', 1], ['heat-on', 2], ['heat-off', 3], ['heat-on', 4], ['heat-off', 5]], ''],
    'no minutes' => [[['began', 1], ['more', 2, 0]], 'no-minutes'],
    'a minute' => [[['began', 1], ['more', 2, 1]], ''],
    'an hour' => [[['began', 1], ['more', 2, 60]], ''],
    'more than an hour' => [[['began', 1], ['more', 2, 61]], 'no-minutes'],
    'through twice' => [[['began', 1], ['through', 2], ['through', 3]], 'done-already'],
    'emulsified twice' => [[['began', 1], ['emulsified', 2], ['emulsified', 3]], 'done-already'],
    'each once' => [[['began', 1], ['through', 2], ['emulsified', 3], ['checked', 4], ['checked', 4]], ''],
]);
