<?php

declare(strict_types=1);

use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Placement;
use Core\Hair\Span;
use Core\Hair\Tones;
use Core\Hair\ZoneResult;
use Core\Practice\HouseRules;
use Core\Service\BowlState;
use Core\Service\Calibration;
use Core\Service\NextStep;
use Core\Service\PlacedBowl;
use Core\Shelf\LineKind;
use Core\Timing\ClockState;
use Core\Timing\Freshness;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

function bowlAt(
    string $letter,
    ClockState $clock = ClockState::Waiting,
    bool $mixed = false,
    bool $weighing = false,
): BowlState {
    return new BowlState("id-{$letter}", $letter, $weighing, $mixed, $clock);
}

it('says what needs a hand next: what is on the hair first, then what stands half weighed', function (array $bowls, bool $inChair, string $do, string $fact, ?string $bowl) {
    $step = NextStep::of($bowls, $inChair);
    expect([$step->do, $step->fact->text(), $step->bowl])->toBe([$do, $fact, $bowl]);
})->with([
    'nothing planned' => [[], true, 'plan', 'steps.plan', null],
    'planned, nobody there' => [[bowlAt('A')], false, 'receive', 'steps.expected', null],
    'somebody there' => [[bowlAt('A', mixed: true), bowlAt('B')], true, 'weigh', 'steps.weigh (letter: B)', 'id-B'],
    'half weighed before anybody came' => [[bowlAt('A'), bowlAt('B', weighing: true)], false, 'weigh', 'steps.carry-on (letter: B)', 'id-B'],
    'all mixed' => [[bowlAt('A', mixed: true)], true, 'close', 'steps.close', null],
    'due, before a half weighed one' => [[bowlAt('A', ClockState::Due, true), bowlAt('B', weighing: true)], true, 'run', 'steps.due (letter: A)', null],
    'beyond its time, before what is due' => [[bowlAt('A', ClockState::Due, true), bowlAt('B', ClockState::Over, true)], true, 'run', 'steps.rinse-now (letter: B)', null],
    'a clock of somebody who has left' => [[bowlAt('A', ClockState::Over, true)], false, 'receive', 'steps.expected', null],
]);

it('has nothing to do in a closed visit', function () {
    expect(NextStep::closed()->do)->toBe('read')->and(NextStep::closed()->fact->key)->toBe('steps.closed');
});

it('calls colour stale that works from the moment it is mixed', function (LineKind $kind, int $minutes, ?int $stale) {
    // Mixed oxidative colour should be on the hair within 30 minutes (common practice, no source).
    expect(Freshness::stale($kind, $minutes, HouseRules::standard()))->toBe($stale);
})->with([
    [LineKind::Permanent, 30, null], [LineKind::Permanent, 31, 31], [LineKind::Demi, 45, 45], [LineKind::Lightener, 31, 31], [LineKind::Direct, 90, null],
]);

/** @param  list<Span>  $spans */
function liftingBowl(array $spans, string $line = 'P', string $letter = 'A'): PlacedBowl
{
    $place = ['place' => [['regions' => [], 'spans' => array_map(static fn (Span $span): string => $span->value, $spans)]]];
    $sheet = $line === 'P' ? Ladder::bowl(more: ['letter' => $letter] + $place)
        : Ladder::bowl(['d7G' => 'all'], ['d10' => 'all'], ['letter' => $letter, 'line' => 'D', 'ratio' => '1:2'] + $place);

    return PlacedBowl::of(
        0,
        $sheet,
        Ladder::shelf()->line($line),
        $sheet->known(HouseRules::standard()->step),
        HouseRules::standard(),
    );
}

it('learns what a bowl did only where it is plain which bowl did it', function (array $bowls, string $reached, array $lifts) {
    $root = new CanvasZone('root', 'Root', Placement::of([], [Span::Root]), level: Fraction::of(5));
    $seen = Calibration::of(
        new Canvas([$root]),
        [new ZoneResult('root', Fraction::parse($reached), new Tones([]))],
        $bowls,
    );
    expect(array_map(
        static fn ($each): array => [$each->kind, $each->said?->decimal(1), $each->deeper === null ? null : ($each->deeper->isNegative() ? 'lighter' : 'deeper')],
        $seen,
    ))->toBe($lifts);
})->with([
    // Colour that lifts and lays on at once says how deep it came out, not how far it lifted beneath.
    'one that lifts' => [fn () => [liftingBowl([Span::Root])], '6.5', [[LineKind::Permanent, null, 'lighter']]],
    'and came out deeper' => [fn () => [liftingBowl([Span::Root])], '5', [[LineKind::Permanent, null, 'deeper']]],
    'two that lift' => [fn () => [liftingBowl([Span::Root]), liftingBowl([Span::Root], letter: 'B')], '6', []],
    'one that lies elsewhere' => [fn () => [liftingBowl([Span::Ends])], '6', []],
]);

it('says that a bowl would stand too long before its turn', function (LineKind $kind, array $ahead, ?int $wait) {
    // Mixed oxidative colour should be on the hair within 30 minutes (common practice, no source).
    expect(Freshness::early($kind, $ahead, HouseRules::standard()))->toBe($wait);
})->with([
    'nothing before it' => [LineKind::Demi, [], null],
    'forty minutes to go' => [LineKind::Demi, [[40, 10]], 40],
    'nearly done' => [LineKind::Demi, [[12, 25]], null],
    'two rounds before it' => [LineKind::Permanent, [[20], [20, 5]], 40],
    'what does not age' => [LineKind::Direct, [[90]], null],
]);
