<?php

declare(strict_types=1);

use Core\Formula\FollowFrom;
use Core\Formula\HeatPhase;
use Core\Timing\Act;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\NextActs;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

// What is called for next, when, how late, and of which bowls: each figure followed by hand.

/**
 * @param  list<TimedBowl>  $bowls
 * @param  array<string, string>  $until
 * @return list<string> kind, letters, second, and late, over, old or until where it is so
 */
function calls(array $bowls, int $now, array $until = [], mixed ...$more): array
{
    $visit = new TimedVisit($bowls, ...['now' => $now, ...$more]);

    return array_map(static fn (Act $act): string => implode(' ', array_filter([
        $act->kind->value,
        implode('+', $act->letters),
        "at {$act->at}",
        $act->late === 0 ? '' : "late {$act->late}",
        $act->over ? 'over' : '',
        $act->minutes === 0 ? '' : "old {$act->minutes}",
        $act->until,
    ], static fn (string $each): bool => $each !== '')), NextActs::of($visit, TimePlan::of($visit), $now, $until));
}

/** A bowl that went on at once at some second and works for so long. */
function onSince(int $second, string $letter = 'A', array $more = [], ?Window $window = null): TimedBowl
{
    return Plans::bowl($letter, $window ?? Window::of(20, 30, 40), $more + [
        'happened' => new Happened(began: $second, completed: $second),
    ]);
}

it('calls to mix before the first touch, and says how late that is', function () {
    // A works from 0 to 1800. B follows ten minutes after its first touch, and takes three to mix.
    $b = static fn (?int $mixed): TimedBowl => Plans::bowl('B', Window::of(10, 15, 40), [
        'mixing' => 3, 'follows' => new Follows('A', FollowFrom::FirstTouch, 10), 'happened' => new Happened(mixed: $mixed),
    ]);
    expect(calls([onSince(0), $b(null)], 100))->toBe(['mix B at 420', 'begin B at 600', 'rinse A+B at 1800'])
        ->and(calls([onSince(0), $b(null)], 420))->toBe(['mix B at 420', 'begin B at 600', 'rinse A+B at 1800'])
        ->and(calls([onSince(0), $b(null)], 599))->toBe(['mix B at 599 late 2', 'begin B at 779', 'rinse A+B at 1800'])
        ->and(calls([onSince(0), $b(null)], 721))->toBe(
            ['mix B at 721 late 5', 'begin B at 901', 'rinse A+B at 1801'],
        )
        ->and(calls([onSince(0), $b(300)], 719))->toBe(['begin B at 719 late 1', 'rinse A+B at 1800']);
});

it('calls nothing late of a visit that nobody has begun', function () {
    $bowl = Plans::bowl('A', Window::exactly(30), ['applying' => 10, 'mixing' => 3]);
    expect(calls([$bowl], 600))->toBe(['mix A at 600', 'begin A at 780', 'rinse A at 3180']);
});

it('says how old a bowl is that waits too long', function (array $more, int $now, array $calls) {
    $bowl = Plans::bowl('A', Window::exactly(30), ['mixing' => 3, ...$more]);
    expect(array_slice(calls([$bowl], $now), 0, count($calls)))->toBe($calls);
})->with([
    'just fresh' => [['fresh' => 20, 'happened' => new Happened(mixed: 0)], 1259, ['begin A at 1259']],
    'a minute more' => [
        ['fresh' => 20, 'happened' => new Happened(mixed: 0)], 1260, ['begin A at 1260', 'stale A at 1260 old 21'],
    ],
    'mixed before the plan counts' => [
        ['fresh' => 20, 'happened' => new Happened(mixed: -600)], 660, ['begin A at 660', 'stale A at 660 old 21'],
    ],
    'what does not age' => [['happened' => new Happened(mixed: 0)], 9000, ['begin A at 9000', 'rinse A at 10800']],
    'not mixed yet' => [['fresh' => 20], 9000, ['mix A at 9000', 'begin A at 9180']],
]);

it('calls for a second mixture while the first is still applied, and only then', function () {
    // Thirty minutes of applying: two thirds are on after twenty, and what was mixed keeps for twenty.
    $bowl = static fn (?int $fresh, int $applying = 30): TimedBowl => Plans::bowl('A', Window::exactly(30), [
        'applying' => $applying, 'mixing' => 3, 'fresh' => $fresh, 'happened' => new Happened(mixed: -180, began: 0),
    ]);
    expect(calls([$bowl(20)], 600))->toBe(['again A at 1200', 'complete A at 1800', 'rinse A at 3600'])
        ->and(calls([$bowl(20)], 1261))->toBe(['again A at 1200 late 1', 'complete A at 1800', 'rinse A at 3600'])
        // Mixing counts too: thirty-three minutes is what it takes.
        ->and(calls([$bowl(32)], 600))->toBe(['again A at 1200', 'complete A at 1800', 'rinse A at 3600'])
        ->and(calls([$bowl(33)], 600))->toBe(['complete A at 1800', 'rinse A at 3600'])
        ->and(calls([$bowl(null)], 600))->toBe(['complete A at 1800', 'rinse A at 3600'])
        // It flows with the hour: who is late with the last strand is not asked to mix again.
        ->and(calls([$bowl(20)], 1980)[0])->toStartWith('complete A');
});

it('turns the heat on and off, each phase from when it was really on', function (array $done, string $next) {
    $bowl = onSince(0, more: [
        'heat' => [new HeatPhase(false, 4), new HeatPhase(true, 10), new HeatPhase(false, 5), new HeatPhase(true, 8)],
        'happened' => new Happened(began: 0, completed: 0, done: array_map(
            static fn (array $each): Stamp => new Stamp($each[0], $each[1]),
            $done,
        )),
    ]);
    $calls = array_values(array_filter(calls([$bowl], 60), static fn (string $call): bool => str_starts_with($call, 'heat')));
    expect($calls)->toBe($next === '' ? [] : [$next]);
})->with([
    'not yet' => [[], 'heat-on A at 240'],
    'on' => [[[StampKind::HeatOn, 300]], 'heat-off A at 900'],
    'off again' => [[[StampKind::HeatOn, 300], [StampKind::HeatOff, 890]], 'heat-on A at 1140'],
    'on a second time' => [
        [[StampKind::HeatOn, 300], [StampKind::HeatOff, 890], [StampKind::HeatOn, 1200]], 'heat-off A at 1680',
    ],
    'done' => [
        [[StampKind::HeatOn, 1], [StampKind::HeatOff, 2], [StampKind::HeatOn, 3], [StampKind::HeatOff, 4]], '',
    ],
]);

it('calls to look, to take through and to emulsify, until each is done', function () {
    $bowl = static fn (array $more = []): TimedBowl => onSince(0, more: [
        'lookFrom' => 15, 'through' => 10, 'emulsify' => 3,
        'happened' => new Happened(...['began' => 0, 'completed' => 0, ...$more]),
    ]);
    expect(calls([$bowl()], 1021, ['A' => 'gold']))->toBe(
        ['look A at 900 late 2 gold', 'through A at 1200', 'emulsify A at 1620', 'rinse A at 1800'],
    )
        ->and(calls([$bowl()], 899, ['B' => 'gold'])[0])->toBe('look A at 900')
        // Looked: again five minutes after that.
        ->and(calls([$bowl(['looked' => 1000])], 1021)[1])->toBe('look A at 1300')
        ->and(calls([$bowl(['done' => [new Stamp(StampKind::Through, 1100)]])], 1021, ['A' => 'gold']))->toBe(
            ['look A at 900 late 2 gold', 'emulsify A at 1620', 'rinse A at 1800'],
        )
        ->and(calls([$bowl(['done' => [new Stamp(StampKind::Emulsified, 1100)]])], 1021)[2])->toBe('rinse A at 1800');
});

it('calls a rinse for all that comes off in it, late against what was meant, and over where it may be no longer', function () {
    expect(calls([onSince(0), onSince(120, 'B')], 600))->toBe(['rinse A+B at 1920'])
        ->and(calls([onSince(0)], 1859))->toBe(['rinse A at 1859'])
        ->and(calls([onSince(0)], 1861))->toBe(['rinse A at 1861 late 1'])
        ->and(calls([onSince(0)], 2400))->toBe(['rinse A at 2400 late 10'])
        ->and(calls([onSince(0)], 2401))->toBe(['rinse A at 2401 late 10 over'])
        // Each by itself, and what is off is called no more.
        ->and(calls([onSince(0, more: ['rinse' => 'own']), onSince(0, 'B', ['rinse' => 'own'])], 600))->toBe(
            ['rinse A at 1800', 'rinse B at 1800'],
        )
        ->and(calls([onSince(0, more: ['happened' => new Happened(began: 0, completed: 0, rinsed: 1700)])], 1800))->toBe([])
        // A shield has no time of its own: it comes off once it is on.
        ->and(calls([Plans::bowl('S', Window::exactly(5))->with(['window' => null])], 0))->toBe(['begin S at 0']);
});

it('tells acts of one moment in the order in which hands do them', function () {
    expect(calls([
        onSince(600, 'B', ['lookFrom' => 20, 'rinse' => 'own']),
        onSince(600, 'A', ['lookFrom' => 20, 'rinse' => 'own', 'emulsify' => 10, 'through' => 10]),
        onSince(0, 'C', ['rinse' => 'own']),
    ], 600))->toBe([
        'rinse C at 1800',
        'emulsify A at 1800',
        'through A at 1800',
        'look A at 1800',
        'look B at 1800',
        'rinse A at 2400',
        'rinse B at 2400',
    ]);
});
