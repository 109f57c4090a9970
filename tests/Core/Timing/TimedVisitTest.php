<?php

declare(strict_types=1);

use Core\Formula\FollowFrom;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

// A visit and its bowls as the plan takes them.

it('has as many people as are named, or as there are hands, and one at least', function () {
    $by = static fn (string ...$names): TimedBowl => Plans::bowl('A', Window::exactly(9), ['hands' => array_values($names)]);
    expect((new TimedVisit([]))->people())->toBe(1)
        ->and((new TimedVisit([$by()], hands: 0))->people())->toBe(1)
        ->and((new TimedVisit([$by()], hands: 3))->people())->toBe(3)
        ->and((new TimedVisit([$by('Ana', 'Ben')]))->people())->toBe(2)
        ->and((new TimedVisit([$by('Ana', 'Ben'), $by('Ana')->with(['letter' => 'B'])]))->people())->toBe(2)
        ->and((new TimedVisit([$by('Ana')]))->withHands(4)->people())->toBe(4);
});

it('leaves out what was set aside, and keeps the rest by round and letter', function () {
    $visit = new TimedVisit([
        Plans::bowl('C', Window::exactly(9)),
        Plans::bowl('A', Window::exactly(9), ['round' => 1]),
        Plans::bowl('B', Window::exactly(9), ['happened' => new Happened(aside: true)]),
    ]);
    $letters = static fn (TimedVisit $visit): array => array_map(
        static fn (TimedBowl $bowl): string => $bowl->letter, $visit->bowls,
    );
    expect($letters($visit))->toBe(['C', 'A'])
        ->and($letters($visit->withMore([Plans::bowl('D', Window::exactly(9))])))->toBe(['C', 'D', 'A'])
        ->and($visit->bowl('B'))->toBeNull()
        ->and($visit->hasBegun())->toBeFalse()
        ->and($visit->withBowl('A', ['happened' => new Happened(began: 4)])->hasBegun())->toBeTrue()
        ->and($visit->hasRanges())->toBeFalse()
        ->and($visit->withBowl('A', ['window' => Window::of(5, 10, 20, 15)])->hasRanges())->toBeTrue();
});

it('is worked as long as was given to it', function () {
    $bowl = Plans::bowl('A', Window::of(20, 30, 40), ['applying' => 7]);
    $given = $bowl->with(['happened' => new Happened(began: 100, completed: 400, more: 5)]);
    expect($bowl->worked())->toEqual(Window::of(20, 30, 40))
        ->and($given->worked())->toEqual(Window::of(20, 35, 40))
        ->and($given->with(['window' => null])->worked())->toBeNull()
        // As long as it took, once it is marked.
        ->and([$bowl->applied(), $bowl->clockAfter()])->toBe([420, 420])
        ->and([$given->applied(), $given->clockAfter()])->toBe([300, 300])
        ->and($bowl->with(['happened' => new Happened(began: 100)])->applied())->toBe(420)
        ->and($bowl->with(['happened' => new Happened(completed: 100)])->applied())->toBe(420)
        ->and(Plans::bowl('A', Window::exactly(9), ['applying' => 7, 'fromFirstTouch' => true])->clockAfter())->toBe(0);
});

it('is laid in turn only with who says so too, in the same round', function () {
    $bowl = static fn (string $letter, string $with, int $round = 0): TimedBowl => Plans::bowl($letter, Window::exactly(9), [
        'round' => $round, 'together' => [$with],
    ]);
    $a = $bowl('A', 'B');
    expect($a->isOneWith($bowl('B', 'A')))->toBeTrue()
        ->and($a->isOneWith($bowl('B', 'A', 1)))->toBeFalse()
        ->and($a->isOneWith($bowl('B', 'C')))->toBeFalse()
        ->and($a->isOneWith($bowl('C', 'A')))->toBeFalse()
        ->and($bowl('A', 'A')->isOneWith($bowl('A', 'A')))->toBeTrue()
        ->and((static fn (TimedBowl $one): bool => $one->isOneWith($one))($bowl('A', 'A')))->toBeFalse();
});

/** @return array<string, mixed> what the sides of a bowl differ in */
function sideSaid(TimedBowl $bowl): array
{
    return [
        $bowl->letter, $bowl->applying, $bowl->follows?->bowl, $bowl->follows?->from->value, $bowl->rinse, $bowl->hands,
        $bowl->starts, $bowl->mixing, $bowl->happened->began, $bowl->together,
    ];
}

it('parts a bowl into its sides: half of the time each, one after the other', function () {
    $bowl = Plans::bowl('A', Window::exactly(9), [
        'applying' => 15, 'follows' => new Follows('Z', FollowFrom::Clock, 3), 'rinse' => 'own', 'starts' => 4,
        'mixing' => 2, 'together' => ['Y'], 'hands' => ['Ana'],
    ]);
    $first = $bowl->side('A left', new Happened(began: 5), null, 0);
    $then = $bowl->side('A right', new Happened(began: 6), 'A left', 1);
    expect(sideSaid($first))->toBe(['A left', 8, 'Z', 'clock', 'own', ['Ana'], 4, 2, 5, []])
        // Mixed once, off with the other, begun after it.
        ->and(sideSaid($then))->toBe(['A right', 8, 'A left', 'first-touch', 'A left', ['Ana'], null, null, 6, []]);
    $two = $bowl->with(['hands' => ['Ana', 'Ben']]);
    expect(sideSaid($two->side('A right', new Happened, 'A left', 1)))
        ->toBe(['A right', 15, 'Z', 'clock', 'A left', ['Ben'], 4, null, null, []])
        ->and(sideSaid($two->side('A last', new Happened, 'A right', 2))[5])->toBe(['Ana'])
        // What comes off with its round comes off with it on both sides.
        ->and(sideSaid($bowl->with(['rinse' => 'round'])->side('A right', new Happened, 'A left', 1))[4])->toBe('round');
});

it('looks to the last side of a bowl whose sides are timed apart', function () {
    $visit = (new TimedVisit([
        Plans::bowl('A', Window::exactly(9), ['applying' => 10]),
        Plans::bowl('B', Window::exactly(9), ['follows' => new Follows('A', FollowFrom::LastTouch, 3), 'rinse' => 'A']),
        Plans::bowl('C', Window::exactly(9), ['follows' => new Follows('B', FollowFrom::LastTouch), 'rinse' => 'own']),
    ], [4], 2, false, 77, 6))->withSides('A', ['A left' => new Happened(began: 1), 'A right' => new Happened(began: 2)]);
    $said = array_combine(
        array_map(static fn (TimedBowl $bowl): string => $bowl->letter, $visit->bowls),
        array_map(static fn (TimedBowl $bowl): array => [$bowl->follows?->bowl, $bowl->rinse], $visit->bowls),
    );
    expect($said)->toBe([
        'A left' => [null, 'round'],
        'A right' => ['A left', 'round'],
        'B' => ['A right', 'A right'],
        'C' => ['B', 'own'],
    ])
        ->and([$visit->between, $visit->hands, $visit->coatCounts, $visit->now, $visit->after])->toBe([[4], 2, false, 77, 6])
        ->and($visit->bowl('A right')?->happened->began)->toBe(2);
});
