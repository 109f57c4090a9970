<?php

declare(strict_types=1);

use Core\Fact;
use Core\Formula\FollowFrom;
use Core\Formula\HeatPhase;
use Core\Timing\ActKind;
use Core\Timing\BreakKind;
use Core\Timing\FindMends;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\MendKind;
use Core\Timing\NextActs;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Timing\TimeBreak;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimeMend;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

/** @param  list<TimedBowl>  $bowls */
function planOf(array $bowls, mixed ...$more): TimePlan
{
    return TimePlan::of(new TimedVisit($bowls, ...$more));
}

// Common practice, no source: what people at work plan in their heads.

it('rinses a permanent of 30 and a demi of 20 together, the demi fully on between minute 10 and 20', function () {
    $plan = planOf([
        Plans::bowl('A', Window::of(25, 30, 40)),
        Plans::bowl('B', Window::of(10, 20, 20), ['applying' => 5]),
    ]);
    $demi = $plan->bowl('B');
    expect(Plans::minutes($plan, 'rinse'))->toBe(['A' => 30, 'B' => 30])
        ->and(Plans::minutes($plan, 'complete')['B'])->toBe(10)
        ->and([intdiv((int) $demi?->completeFrom, 60), intdiv((int) $demi?->completeTo, 60)])->toBe([10, 20])
        ->and($plan->holds())->toBeTrue();
});

it('gives the root 48 and the ends 20 when the demi goes on at 20 and takes 8 to apply, and never the root under 40', function () {
    $root = ['fromFirstTouch' => true];
    $ends = ['applying' => 8, 'follows' => new Follows('A', FollowFrom::Clock, 20)];
    $plan = planOf([Plans::bowl('A', Window::of(40, 40, 50), $root), Plans::bowl('B', Window::of(20, 20, 20), $ends)]);
    expect(Plans::exposures($plan))->toBe(['A' => [48, 48], 'B' => [28, 20]]);
    // A demi of five minutes would be off at 33: it waits for the grey, and that is said.
    $short = planOf([Plans::bowl('A', Window::of(40, 40, 50), $root), Plans::bowl('B', Window::of(5, 5, 5), $ends)]);
    expect($short->holds())->toBeFalse()
        ->and(array_map(static fn (TimeBreak $break): string => $break->letter, $short->breaks))->toBe(['B']);
});

it('lays a base of 25 under foils 25 to 30 minutes later; the foils have had 50 to 55 at the rinse', function () {
    $base = Plans::bowl('B', Window::exactly(25), ['follows' => new Follows('A', FollowFrom::Clock, 25, 30)]);
    foreach ([50, 52, 55] as $meant) {
        $plan = planOf([Plans::bowl('A', Window::of(30, $meant, 55)), $base]);
        expect(Plans::exposures($plan))->toBe(['A' => [$meant, $meant], 'B' => [25, 25]]);
    }
    expect(planOf([Plans::bowl('A', Window::of(30, 60, 65)), $base])->holds())->toBeTrue();
    expect(planOf([Plans::bowl('A', Window::exactly(60)), $base])->breaks[0]->minutes)->toBe(5);
});

it('leaves a shadow under the toner: its full time by one school, only the toner’s by the other', function () {
    $bowls = [
        Plans::bowl('A', Window::of(20, 20, 30), ['applying' => 5, 'rinse' => 'not']),
        Plans::bowl('B', Window::of(5, 10, 12), ['applying' => 3, 'round' => 1]),
    ];
    expect(Plans::exposures(planOf($bowls)))->toBe(['A' => [25, 20], 'B' => [13, 10]])
        ->and(Plans::exposures(planOf($bowls, coatCounts: false)))->toBe(['A' => [18, 13], 'B' => [13, 10]]);
});

it('never asks to rinse what stays under the next, however long it is on', function () {
    $bowls = [
        Plans::bowl('A', Window::of(5, 10, 12), ['applying' => 5, 'rinse' => 'not']),
        Plans::bowl('B', Window::of(20, 30, 35), ['applying' => 10, 'round' => 1]),
    ];
    $plan = planOf($bowls);
    expect($plan->holds())->toBeTrue()
        ->and($plan->bowl('A')?->rinse)->toBe($plan->bowl('B')?->rinse);
});

it('takes colour through the lengths at once, after 20 or after 30 of 35, and emulsifies at 32', function (int $before, int $minute) {
    $plan = planOf([Plans::bowl('A', Window::exactly(35), ['through' => $before, 'emulsify' => 3])]);
    expect(Plans::minutes($plan, 'through'))->toBe(['A' => $minute])
        ->and(Plans::minutes($plan, 'emulsify'))->toBe(['A' => 32]);
})->with(['for a change' => [35, 0], 'to refresh' => [15, 20], 'for no change' => [5, 30]]);

it('turns the heat off after 15 of 30 minutes, and lets 25 with heat cool for 10', function (
    array $phases,
    int $off,
    int $rinse,
) {
    $heat = array_map(static fn (array $phase): HeatPhase => new HeatPhase(...$phase), $phases);
    $plan = planOf([Plans::bowl('A', Window::exactly($rinse), ['applying' => 12, 'heat' => $heat])]);
    expect($plan->bowl('A')?->heat)->toBe([['on' => 12 * 60, 'off' => (12 + $off) * 60]])
        ->and(Plans::minutes($plan, 'rinse'))->toBe(['A' => 12 + $rinse]);
})->with([
    '15 with, 15 without' => [[[true, 15], [false, 15]], 15, 30],
    '25 with, 10 to cool' => [[[true, 25], [false, 10]], 25, 35],
]);

it('makes three rounds of 35, 10 to 15 and 10 take 55 to 60', function () {
    $plan = planOf([
        Plans::bowl('A', Window::exactly(35)),
        Plans::bowl('B', Window::of(10, 10, 15, 15), ['round' => 1]),
        Plans::bowl('C', Window::exactly(10), ['round' => 2]),
    ]);
    expect([intdiv($plan->end, 60), intdiv($plan->endLatest, 60)])->toBe([55, 60]);
});

it('reckons with a head start: what is on for ten minutes needs ten less', function () {
    $bowls = [
        Plans::bowl('A', Window::of(30, 30, 40), ['happened' => new Happened(mixed: 0, began: 0, completed: 0)]),
        Plans::bowl('B', Window::of(20, 20, 20)),
    ];
    $plan = planOf($bowls, now: 600);
    expect(Plans::minutes($plan, 'rinse'))->toBe(['A' => 30, 'B' => 30])
        ->and(Plans::minutes($plan, 'begin')['B'])->toBe(10);
});

it('lays a gloss on for the last five minutes of the other', function () {
    $plan = planOf([
        Plans::bowl('A', Window::of(25, 30, 40), ['applying' => 10]),
        Plans::bowl('B', Window::exactly(5), ['applying' => 2, 'follows' => new Follows('A', FollowFrom::End, 5)]),
    ]);
    expect(Plans::minutes($plan, 'rinse'))->toBe(['A' => 40, 'B' => 40])
        ->and(Plans::minutes($plan, 'complete')['B'])->toBe(35);
});

it('begins what takes longer first, so that one pair of hands finishes everything together', function () {
    $plan = planOf([
        Plans::bowl('A', Window::of(10, 15, 20), ['applying' => 5]),
        Plans::bowl('B', Window::of(30, 35, 45), ['applying' => 15]),
    ]);
    expect(Plans::minutes($plan, 'begin'))->toBe(['A' => 30, 'B' => 0])
        ->and(Plans::minutes($plan, 'rinse'))->toBe(['A' => 50, 'B' => 50]);
});

it('mixes each bowl before its turn and says when a bowl grows old while it is applied', function () {
    $plan = planOf([Plans::bowl('A', Window::of(20, 30, 45), ['applying' => 45, 'mixing' => 3, 'fresh' => 30])]);
    expect($plan->bowl('A')?->mix)->toBe(-180)->and($plan->bowl('A')?->again)->toBe(30 * 60);
});

it('begins at the minute of its round that somebody chose, and says what that breaks', function () {
    $bowls = static fn (int $starts): array => [
        Plans::bowl('A', Window::of(30, 35, 40), ['applying' => 10]),
        Plans::bowl('B', Window::of(15, 18, 20), ['applying' => 5, 'starts' => $starts]),
        Plans::bowl('C', Window::of(10, 10, 15), ['applying' => 5, 'round' => 1, 'starts' => 7]),
    ];
    $plan = planOf($bowls(22), between: [5]);
    expect(Plans::minutes($plan, 'begin'))->toBe(['A' => 0, 'B' => 22, 'C' => 57])->and($plan->holds())->toBeTrue();
    expect(
        array_map(static fn (TimeBreak $break): array => [$break->letter, $break->kind], planOf($bowls(12))->breaks),
    )->toBe([['B', BreakKind::Late]]);
});

it('looks from the minute that was said, every few minutes, until its longest time', function () {
    $plan = planOf([Plans::bowl('A', Window::of(20, 30, 45), ['lookFrom' => 20, 'lookEvery' => 10])]);
    expect($plan->bowl('A')?->looks)->toBe([1200, 1800, 2400]);
});

it('says which window breaks, by how much, and only what really mends it', function () {
    $visit = new TimedVisit([
        Plans::bowl('A', Window::of(20, 30, 35), ['applying' => 10]),
        Plans::bowl('B', Window::of(5, 8, 10), ['applying' => 5, 'follows' => new Follows('A', FollowFrom::Clock, 0)]),
    ]);
    $plan = TimePlan::of($visit);
    // On at once after the root is complete, the gloss has had 15 when the root has had its least 20: it waits.
    expect(
        array_map(static fn (TimeBreak $break): array => [$break->kind, $break->letter, $break->minutes], $plan->breaks),
    )
        ->toBe([[BreakKind::Late, 'B', 5]]);
    $mends = FindMends::of($visit, $plan);
    expect([$mends[0]->kind, $mends[0]->letter])->toBe([MendKind::Begin, 'B'])
        // Free to begin when it will, it has its own 8 and the root its 30: 17 minutes later.
        ->and($mends[0]->minutes)->toBe(17);
    foreach ($mends as $mend) {
        expect(TimePlan::of($visit->withBowl($mend->letter, $mend->change))->holds())->toBe($mend->change !== []);
    }
});

it('finds that a further pair of hands, or a smaller pattern, would do', function () {
    $visit = new TimedVisit([
        Plans::bowl('A', Window::of(30, 35, 40), ['applying' => 20, 'order' => 1]),
        Plans::bowl('B', Window::of(30, 35, 40), ['applying' => 20, 'order' => 2]),
    ]);
    $plan = TimePlan::of($visit);
    expect(array_map(static fn (TimeBreak $break): string => $break->kind->value, $plan->breaks))->toBe(['over'])
        ->and($plan->breaks[0]->minutes)->toBe(10);
    $mends = FindMends::of($visit, $plan);
    expect(array_map(static fn (TimeMend $mend): array => [$mend->kind, $mend->letter, $mend->minutes], $mends))->toBe([
        [MendKind::Hands, '', 0],
        [MendKind::Rinse, 'A', 0],
        [MendKind::Rinse, 'B', 0],
        [MendKind::Smaller, 'B', 10],
    ]);
});

it('finds that a strength lower would do, where the line prints other minutes for it', function () {
    $gloss = [
        'follows' => new Follows('A', FollowFrom::Clock, 20),
        'weaker' => Window::of(5, 8, 10),
        'weakerVolume' => 10,
    ];
    $visit = new TimedVisit(
        [Plans::bowl('A', Window::of(20, 25, 30)), Plans::bowl('B', Window::of(15, 20, 25), $gloss)],
    );
    $mends = FindMends::of($visit, TimePlan::of($visit));
    $weaker = array_values(array_filter($mends, static fn (TimeMend $mend): bool => $mend->kind === MendKind::Weaker));
    expect($weaker)->toHaveCount(1)->and($weaker[0]->letter)->toBe('B')
        ->and(words($weaker[0]->fact()))->toBe('B with 10 vol: its line has other minutes for it, and it lifts less')
        ->and(TimePlan::of($visit->withBowl('B', ['window' => Window::of(5, 8, 10)]))->holds())->toBeTrue();
    // One that would not do is not answered.
    $slow = new TimedVisit(
        [
            Plans::bowl('A', Window::of(20, 25, 30)),
            Plans::bowl('B', Window::of(15, 20, 25), ['weaker' => Window::of(14, 18, 20)] + $gloss),
        ],
    );
    expect(array_column(FindMends::of($slow, TimePlan::of($slow)), 'kind'))->not->toContain(MendKind::Weaker);
});

it('says what cannot be meant so, and plans without it', function (array $a, array $b, string $fault) {
    $plan = planOf([
        Plans::bowl('A', Window::of(20, 30, 40), $a),
        Plans::bowl('B', Window::of(20, 30, 40), $b),
    ]);
    expect(array_map(static fn (Fact $fact): string => $fact->key, $plan->faults))->toBe(["times.{$fault}"])
        ->and(count($plan->bowls))->toBe(2)
        ->and($plan->bowl('A')?->rinse)->toBeGreaterThan(0);
})->with([
    'after nothing' => [['follows' => new Follows('Z')], [], 'follows-nothing'],
    'after itself' => [['follows' => new Follows('A')], [], 'follows-itself'],
    'in a circle' => [['follows' => new Follows('B')], ['follows' => new Follows('A')], 'follows-itself'],
    'rinsed with nothing' => [['rinse' => 'Z'], [], 'rinsed-with-nothing'],
    'rinsed with itself' => [['rinse' => 'A'], [], 'rinsed-with-nothing'],
    'rinsed with what it waits for' => [
        ['rinse' => 'B'],
        ['applying' => 5, 'follows' => new Follows('A', FollowFrom::Rinsed)],
        'contradicts',
    ],
    'one person twice' => [['hands' => ['Ana', 'ana ']], [], 'one-person-twice'],
    'heat beyond the minutes' => [['heat' => [new HeatPhase(true, 60)]], [], 'heat-longer'],
    'emulsified beyond the minutes' => [['emulsify' => 50], [], 'emulsify-longer'],
    'taken through before it is on' => [['through' => 45], [], 'through-longer'],
    'looked at when it is over' => [['lookFrom' => 50], [], 'look-too-late'],
]);

it('flows again from what really happened, and says what is late', function () {
    $bowls = static fn (?int $began): array => [
        Plans::bowl(
            'A',
            Window::of(25, 30, 40),
            ['applying' => 10, 'happened' => new Happened(mixed: 0, began: 0, completed: 900)],
        ),
        Plans::bowl(
            'C',
            Window::of(10, 10, 15),
            ['applying' => 5, 'mixing' => 3, 'happened' => new Happened(mixed: 1200, began: $began)],
        ),
    ];
    // Complete five minutes late: everything else moves with it.
    expect(Plans::minutes(planOf($bowls(null), now: 1300), 'begin')['C'])->toBe(30);
    $visit = new TimedVisit($bowls(null), now: 32 * 60);
    $acts = NextActs::of($visit, TimePlan::of($visit), 32 * 60);
    expect([$acts[0]->kind, $acts[0]->letters, $acts[0]->late])->toBe([ActKind::Begin, ['C'], 2])
        ->and(
            [$acts[1]->kind, $acts[1]->letters, $acts[1]->at, $acts[1]->over],
        )->toBe([ActKind::Rinse, ['A', 'C'], 47 * 60, false]);
});

it('asks to rinse what is beyond its time, and not what only stays under it', function () {
    $visit = new TimedVisit([
        Plans::bowl('A', Window::of(5, 10, 12), ['rinse' => 'not', 'happened' => new Happened(began: 0, completed: 0)]),
        Plans::bowl('B', Window::of(5, 10, 12), ['round' => 1, 'happened' => new Happened(began: 900, completed: 900)]),
    ], now: 1000);
    $soon = NextActs::of($visit, TimePlan::of($visit), 1000);
    expect(
        array_map(static fn ($act): array => [$act->kind, $act->letters, $act->at], $soon),
    )->toBe([[ActKind::Rinse, ['A', 'B'], 1500]]);
    $later = $visit->at(1800);
    $over = NextActs::of($later, TimePlan::of($later), 1800);
    expect([$over[0]->kind, $over[0]->late, $over[0]->over])->toBe([ActKind::Rinse, 5, true]);
});

it('calls each act in its turn as it is done: heat on, heat off, look, through, emulsify, rinse', function () {
    $bowl = static fn (StampKind ...$done): TimedBowl => Plans::bowl('A', Window::of(20, 30, 40), [
        'heat' => [
            new HeatPhase(true, 10),
            new HeatPhase(false, 20),
        ], 'lookFrom' => 20, 'through' => 5, 'emulsify' => 3,
        'happened' => new Happened(
            began: 0,
            completed: 0,
            done: array_map(static fn (StampKind $kind): Stamp => new Stamp($kind, 120), $done),
        ),
    ]);
    $kinds = static function (TimedBowl $bowl): array {
        $visit = new TimedVisit([$bowl], now: 120);

        return array_map(
            static fn ($act): string => "{$act->kind->value} ".intdiv($act->at, 60),
            NextActs::of($visit, TimePlan::of($visit), 120),
        );
    };
    expect($kinds($bowl()))->toBe(['heat-on 0', 'look 20', 'through 25', 'emulsify 27', 'rinse 30'])
        ->and($kinds($bowl(StampKind::HeatOn)))->toBe(
            ['heat-off 12', 'look 20', 'through 25', 'emulsify 27', 'rinse 30'],
        )
        ->and(
            $kinds($bowl(StampKind::HeatOn, StampKind::HeatOff, StampKind::Through)),
        )->toBe(['look 20', 'emulsify 27', 'rinse 30']);
});

it('gives the minutes that somebody gives it, and looks again from the last look', function () {
    $visit = new TimedVisit([Plans::bowl('A', Window::of(20, 30, 40), [
        'lookFrom' => 20, 'happened' => new Happened(began: 0, completed: 0, more: 5, looked: 1500),
    ])], now: 1500);
    $plan = TimePlan::of($visit);
    expect(Plans::minutes($plan, 'rinse'))->toBe(['A' => 35])->and($plan->bowl('A')?->looks[0])->toBe(1800);
});

it('finds two changes where none does alone, and both together hold', function () {
    // Two halves of a colour that one person cannot lay within five minutes of each other, and a gloss that was said to
    // go on with them and would be off long before.
    $halves = [
        Plans::bowl('A', Window::of(30, 30, 35), ['applying' => 14]),
        Plans::bowl('B', Window::of(30, 30, 35), ['applying' => 11]),
        Plans::bowl('C', Window::of(10, 10, 15), ['applying' => 5, 'starts' => 0, 'rinse' => 'A']),
    ];
    $visit = new TimedVisit($halves);
    $mends = FindMends::of($visit, TimePlan::of($visit));
    expect($mends)->not->toBe([]);
    foreach ($mends as $mend) {
        $also = $mend->also;
        expect($also)->not->toBeNull();
        $changed = $visit;
        foreach (array_filter([$mend, $also]) as $each) {
            $changed = match ($each->kind) {
                MendKind::Hands => $changed->withHands($changed->people() + 1),
                MendKind::Split => null,
                default => $changed->withBowl($each->letter, $each->change),
            } ?? $changed;
        }
        expect($mend->fact()->key)->toBe('times.mend-both')
            ->and($also?->kind === MendKind::Split || TimePlan::of($changed)->holds())->toBeTrue();
    }
});

it('finds that what was mixed long ago is mixed again', function () {
    $visit = new TimedVisit([
        Plans::bowl(
            'A',
            Window::of(30, 35, 45),
            ['applying' => 10, 'happened' => new Happened(mixed: 0, began: 0, completed: 600)],
        ),
        Plans::bowl(
            'B',
            Window::of(10, 10, 15),
            ['applying' => 5, 'round' => 1, 'mixing' => 3, 'fresh' => 30, 'happened' => new Happened(mixed: 300)],
        ),
    ], now: 1800);
    $plan = TimePlan::of($visit);
    expect(array_column($plan->breaks, 'letter'))->toBe(['B']);
    $mends = array_values(
        array_filter(FindMends::of($visit, $plan), static fn (TimeMend $mend): bool => $mend->kind === MendKind::Fresh),
    );
    expect($mends)->toHaveCount(1)->and(words($mends[0]->fact()))->toBe('Mix B fresh')
        ->and(TimePlan::of($visit->withBowl('B', $mends[0]->change))->holds())->toBeTrue();
});
