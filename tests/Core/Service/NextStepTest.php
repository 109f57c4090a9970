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
use Core\Timing\Act;
use Core\Timing\ActKind;
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

it('says what needs a hand next: what the clocks call for, then what stands half weighed, then the plan’s next', function (
    array $bowls,
    bool $inChair,
    ?Act $act,
    string $do,
    string $fact,
    ?string $letter,
) {
    $step = NextStep::of($bowls, $inChair, $act, 600);
    expect([$step->do, $step->fact->text(), $step->letter])->toBe([$do, $fact, $letter]);
})->with([
    'nothing planned' => [[], true, null, 'plan', 'steps.plan', null],
    'planned, nobody there' => [
        [bowlAt('A')],
        false,
        new Act(ActKind::Mix, ['A'], 0),
        'receive',
        'steps.expected',
        null,
    ],
    'somebody there' => [[bowlAt('A', mixed: true), bowlAt('B')], true, null, 'weigh', 'steps.weigh (letter: B)', 'B'],
    'the plan calls for it' => [
        [bowlAt('A'), bowlAt('B')],
        true,
        new Act(ActKind::Mix, ['B'], 600),
        'weigh',
        'steps.weigh (letter: B)',
        'B',
    ],
    'and called for it some minutes ago' => [
        [bowlAt('B')],
        true,
        new Act(ActKind::Mix, ['B'], 600, late: 4),
        'weigh',
        'steps.late (act: steps.weigh (letter: B); minutes: 4)',
        'B',
    ],
    'half weighed before anybody came' => [
        [bowlAt('A'), bowlAt('B', weighing: true)],
        false,
        null,
        'weigh',
        'steps.carry-on (letter: B)',
        'B',
    ],
    'half weighed, with nothing on the hair' => [
        [bowlAt('A', weighing: true)],
        true,
        new Act(ActKind::Mix, ['A'], 600),
        'weigh',
        'steps.carry-on (letter: A)',
        'A',
    ],
    'everything rinsed' => [[bowlAt('A', ClockState::Rinsed, mixed: true)], true, null, 'close', 'steps.close', null],
    'due, before a half weighed one' => [
        [bowlAt('A', ClockState::Due, true), bowlAt('B', weighing: true)],
        true,
        new Act(ActKind::Rinse, ['A'], 600),
        'run',
        'steps.now (act: times.act-rinse (letters: A))',
        null,
    ],
    'half weighed, while the other works' => [
        [bowlAt('A', ClockState::Processing, true), bowlAt('B', weighing: true)],
        true,
        new Act(ActKind::Rinse, ['A'], 900),
        'weigh',
        'steps.carry-on (letter: B)',
        'B',
    ],
    'beyond its time' => [
        [bowlAt('A', ClockState::Over, true)],
        true,
        new Act(ActKind::Rinse, ['A'], 600, late: 7, over: true),
        'run',
        'steps.late (act: times.act-rinse-over (letters: A); minutes: 7)',
        null,
    ],
    'working: never “close”' => [
        [bowlAt('A', ClockState::Processing, true)],
        true,
        new Act(ActKind::Rinse, ['A'], 900),
        'run',
        'steps.soon (act: times.act-rinse (letters: A); minutes: 5)',
        null,
    ],
    'on somebody whom nobody received' => [
        [bowlAt('A', ClockState::Over, true)],
        false,
        new Act(ActKind::Rinse, ['A'], 600),
        'run',
        'steps.now (act: times.act-rinse (letters: A))',
        null,
    ],
]);

it('has nothing to do in a closed visit', function () {
    expect(NextStep::closed()->do)->toBe('read')->and(NextStep::closed()->fact->key)->toBe('steps.closed');
});

it('calls colour stale that works from the moment it is mixed', function (LineKind $kind, int $minutes, ?int $stale) {
    // Mixed oxidative colour should be on the hair within 30 minutes (common practice, no source).
    expect(Freshness::stale($kind, $minutes, HouseRules::standard()))->toBe($stale);
})->with([
    [
        LineKind::Permanent,
        30,
        null,
    ], [LineKind::Permanent, 31, 31], [LineKind::Demi, 45, 45], [
        LineKind::Lightener,
        31,
        31,
    ], [LineKind::Direct, 90, null],
]);

/** @param  list<Span>  $spans */
function liftingBowl(array $spans, string $line = 'P', string $letter = 'A'): PlacedBowl
{
    $place = [
        'place' => [['regions' => [], 'spans' => array_map(static fn (Span $span): string => $span->value, $spans)]],
    ];
    $sheet = $line === 'P' ? Ladder::bowl(more: ['letter' => $letter] + $place)
        : Ladder::bowl(
            ['d7G' => 'all'],
            ['d10' => 'all'],
            ['letter' => $letter, 'line' => 'D', 'ratio' => '1:2'] + $place,
        );

    return PlacedBowl::of(
        0,
        $sheet,
        Ladder::shelf()->line($line),
        $sheet->known(HouseRules::standard()->step),
        HouseRules::standard(),
    );
}

it('learns what a bowl did only where it is plain which bowl did it', function (
    array $bowls,
    string $reached,
    array $lifts,
) {
    $root = new CanvasZone('root', 'Root', Placement::of([], [Span::Root]), level: Fraction::of(5));
    $seen = Calibration::of(
        new Canvas([$root]),
        [new ZoneResult('root', Fraction::parse($reached), new Tones([]))],
        $bowls,
    );
    expect(array_map(
        static fn ($each): array => [
            $each->kind,
            $each->said?->decimal(1),
            $each->deeper === null ? null : ($each->deeper->isNegative() ? 'lighter' : 'deeper'),
        ],
        $seen,
    ))->toBe($lifts);
})->with([
    // Colour that lifts and lays on at once says how deep it came out, not how far it lifted beneath.
    'one that lifts' => [fn () => [liftingBowl([Span::Root])], '6.5', [[LineKind::Permanent, null, 'lighter']]],
    'and came out deeper' => [fn () => [liftingBowl([Span::Root])], '5', [[LineKind::Permanent, null, 'deeper']]],
    'two that lift' => [fn () => [liftingBowl([Span::Root]), liftingBowl([Span::Root], letter: 'B')], '6', []],
    'one that lies elsewhere' => [fn () => [liftingBowl([Span::Ends])], '6', []],
]);

it('says that a bowl would stand too long before its turn', function (LineKind $kind, int $until, ?int $wait) {
    // Mixed oxidative colour should be on the hair within 30 minutes (common practice, no source).
    expect(Freshness::early($kind, $until, HouseRules::standard()))->toBe($wait);
})->with([
    'it is its turn' => [LineKind::Demi, 0, null],
    'forty minutes to go' => [LineKind::Demi, 40, 40],
    'nearly done' => [LineKind::Demi, 30, null],
    'just too long' => [LineKind::Permanent, 31, 31],
    'what does not age' => [LineKind::Direct, 90, null],
]);
