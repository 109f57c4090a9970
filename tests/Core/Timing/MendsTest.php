<?php

declare(strict_types=1);

use Core\Formula\FollowFrom;
use Core\Timing\FindMends;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimeMend;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

// What mends a plan that does not hold, cheapest first: each change followed by hand.

/**
 * @param  list<TimedBowl>  $bowls
 * @return list<string> kind, letter, minutes and what of the bowl is changed; two that belong together with “and”
 */
function mendsOf(array $bowls, mixed ...$more): array
{
    $visit = new TimedVisit($bowls, ...$more);
    $each = static fn (TimeMend $mend): string => implode(' ', array_filter([
        $mend->kind->value,
        $mend->letter,
        $mend->minutes === 0 ? '' : (string) $mend->minutes,
        implode(' ', array_map(static fn (string $name, mixed $value): string => "{$name}=".match (true) {
            $value === null => 'none',
            $value instanceof Follows => $value->from->value.($value->least === null ? '' : ' timed'),
            $value instanceof Happened => $value->mixed === null ? 'unmixed' : 'mixed',
            default => (string) $value,
        }, array_keys($mend->change), $mend->change)),
    ], static fn (string $said): bool => $said !== ''));

    return array_map(
        static fn (TimeMend $mend): string => $each($mend).($mend->also === null ? '' : ' and '.$each($mend->also)),
        FindMends::of($visit, TimePlan::of($visit)),
    );
}

it('mends nothing that holds', function () {
    expect(mendsOf([Plans::bowl('A', Window::of(20, 30, 40)), Plans::bowl('B', Window::of(20, 30, 40))]))->toBe([]);
});

it('lets a bowl go on when it suits, so many minutes from when it was said', function (array $b, array $mends) {
    expect(mendsOf([Plans::bowl('A', Window::of(20, 30, 40)), $b[0]]))->toBe($mends);
})->with([
    // A is off at 40 at the latest, and the bowl needs 20: at 20 at the latest; both as they are meant at 10.
    'said too late' => [
        [Plans::bowl('B', Window::of(20, 20, 40), ['follows' => new Follows('A', FollowFrom::FirstTouch, 30)])],
        ['begin B -20 starts=none follows=first-touch', 'rinse A rinse=own', 'rinse B rinse=own', 'split A'],
    ],
    'said too late, as a range' => [
        [Plans::bowl('B', Window::of(20, 20, 40), ['follows' => new Follows('A', FollowFrom::FirstTouch, 30, 35)])],
        ['begin B -20 starts=none follows=first-touch', 'rinse A rinse=own', 'rinse B rinse=own', 'split A'],
    ],
    // It may be on for 10, and A is on for 20 at least; as they are meant it goes on at 25.
    'said too early, as a range' => [
        [Plans::bowl('B', Window::of(5, 5, 8), ['follows' => new Follows('A', FollowFrom::FirstTouch, 5, 10)])],
        ['begin B 15 starts=none follows=first-touch', 'rinse A rinse=own', 'rinse B rinse=own', 'split A'],
    ],
]);

it('reckons with the minutes between the rounds', function () {
    // A needs 40, B may have 10 and was to begin at once; as they are meant it begins at 40.
    $bowls = [
        Plans::bowl('A', Window::of(40, 45, 50)),
        Plans::bowl('B', Window::of(5, 5, 10), ['starts' => 0]),
        Plans::bowl('C', Window::of(10, 10, 10), ['round' => 1]),
    ];
    expect(mendsOf($bowls, between: [10]))->toBe([
        'begin B 40 starts=none follows=none', 'rinse A rinse=own', 'rinse B rinse=own', 'split A',
    ]);
});

it('lets go of the order, or rinses apart', function () {
    expect(mendsOf([
        Plans::bowl('A', Window::of(10, 10, 12), ['applying' => 5, 'order' => 1]),
        Plans::bowl('B', Window::of(30, 30, 35), ['applying' => 5, 'order' => 2]),
    ]))->toBe(['order A order=none', 'order B order=none', 'rinse A rinse=own', 'rinse B rinse=own']);
});

it('mixes anew what has grown old, and only that', function () {
    $mixed = static fn (string $letter, ?int $fresh): TimedBowl => Plans::bowl($letter, Window::of(20, 30, 40), [
        'mixing' => 3, 'fresh' => $fresh, 'happened' => new Happened(mixed: 0),
    ]);
    expect(mendsOf([$mixed('A', 10)], now: 900))->toBe(['fresh A happened=unmixed'])
        ->and(mendsOf([$mixed('A', 10), $mixed('B', 30)], now: 900))->toBe(['fresh A happened=unmixed']);
});

it('asks for further hands, or makes one of them smaller until it holds', function () {
    $slow = static fn (string $letter, array $more = []): TimedBowl => Plans::bowl(
        $letter, Window::of(20, 20, 25), $more + ['applying' => 20],
    );
    // Whoever is laid last has 20, and the other that and the minutes of laying it: five are left.
    expect(mendsOf([$slow('A'), $slow('B')]))->toBe(
        ['hands', 'rinse A rinse=own', 'rinse B rinse=own', 'smaller A 5 applying=5'],
    )
        // What is laid in turn is smaller together, and said once.
        ->and(mendsOf([
            $slow('A', ['together' => ['B'], 'rinse' => 'own']),
            $slow('B', ['together' => ['A'], 'rinse' => 'A']),
            $slow('C', ['rinse' => 'A']),
        ]))->toBe(['hands', 'rinse C rinse=own', 'smaller A, B 5 applying=5', 'smaller C 5 applying=5'])
        // With a third, after 20 and 20, two minutes are left for it.
        ->and(mendsOf([
            Plans::bowl('A', Window::of(20, 20, 22), ['applying' => 20, 'order' => 1]),
            Plans::bowl('B', Window::of(20, 20, 22), ['applying' => 20, 'order' => 1]),
            Plans::bowl('C', Window::of(40, 40, 42), ['applying' => 20, 'order' => 1]),
        ]))->toBe(['hands', 'rinse A rinse=own', 'rinse B rinse=own', 'smaller A 2 applying=2']);
});

it('takes a strength lower where its minutes hold', function () {
    $bowls = static fn (Window $weaker): array => [
        Plans::bowl('A', Window::of(30, 30, 35)),
        Plans::bowl('B', Window::of(5, 5, 10), ['starts' => 0, 'weaker' => $weaker, 'weakerVolume' => 10]),
    ];
    $others = ['begin B 25 starts=none follows=none', 'rinse A rinse=own', 'rinse B rinse=own'];
    expect(mendsOf($bowls(Window::of(5, 20, 40))))->toBe([...$others, 'weaker B 10'])
        ->and(mendsOf($bowls(Window::of(5, 20, 29))))->toBe([...$others, 'split A']);
});

it('changes nothing of what is on or off already', function () {
    // A is off. B was to begin with the round, half an hour ago, and C is to be rinsed with it.
    expect(mendsOf([
        Plans::bowl('A', Window::of(20, 20, 25), [
            'rinse' => 'own', 'happened' => new Happened(began: 0, completed: 0, rinsed: 1200),
        ]),
        Plans::bowl('B', Window::of(5, 5, 10), ['starts' => 0]),
        Plans::bowl('C', Window::of(30, 30, 40)),
    ], now: 1300))->toBe(['begin B 47 starts=none follows=none', 'split B'])
        // A is on for ten minutes of its 25, and B needs thirty.
        ->and(mendsOf([
            Plans::bowl('A', Window::of(20, 20, 25), ['happened' => new Happened(began: 0, completed: 0)]),
            Plans::bowl('B', Window::of(30, 30, 35)),
        ], now: 600))->toBe(['rinse A rinse=own', 'rinse B rinse=own', 'split B']);
});

it('changes two things where one does not do it', function () {
    expect(mendsOf([
        Plans::bowl('A', Window::of(30, 30, 35), ['applying' => 14]),
        Plans::bowl('B', Window::of(30, 30, 35), ['applying' => 11]),
        Plans::bowl('C', Window::of(10, 10, 15), ['applying' => 5, 'starts' => 0, 'rinse' => 'A']),
    ]))->toBe([
        'hands and begin C 29 starts=none follows=none',
        'rinse A rinse=own and begin C 40 starts=none follows=none',
        'rinse B rinse=own and begin C 40 starts=none follows=none',
        'rinse C rinse=own and hands',
    ]);
});

it('says each in words', function () {
    expect(words((new TimeMend(Core\Timing\MendKind::Begin, 'B', -20))->fact()))->toContain('20')->not->toContain('-20')
        ->and(words((new TimeMend(Core\Timing\MendKind::Begin, 'B', -20))->fact()))
        ->not->toBe(words((new TimeMend(Core\Timing\MendKind::Begin, 'B', 20))->fact()));
});
