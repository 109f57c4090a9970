<?php

declare(strict_types=1);

use Core\Fact;
use Core\Formula\FollowFrom;
use Core\Timing\BowlTimes;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\TimeBreak;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

// Every moment of a bowl, in seconds, and what of it does not hold: followed by hand.

function momentsOf(TimedBowl $bowl, mixed ...$more): BowlTimes
{
    return TimePlan::of(new TimedVisit([$bowl], ...$more))->bowls[0];
}

/** @return list<string> kind, letter and minutes */
function breaksOf(array $bowls, mixed ...$more): array
{
    return array_map(
        static fn (TimeBreak $each): string => "{$each->kind->value} {$each->letter} {$each->minutes}",
        TimePlan::of(new TimedVisit($bowls, ...$more))->breaks,
    );
}

it('reads every moment off the plan', function () {
    $bowl = Plans::bowl('A', Window::of(21, 30, 41), [
        'applying' => 12, 'mixing' => 3, 'happened' => new Happened(began: 100), 'emulsify' => 4, 'through' => 7,
    ]);
    $times = momentsOf($bowl, now: 200);
    // From 100 on, complete twelve minutes later, off thirty after that.
    expect(get_object_vars($times))->toMatchArray([
        'mix' => -80, 'begin' => 100, 'complete' => 820, 'clock' => 820,
        'due' => 2620, 'least' => 2080, 'most' => 3280, 'rinse' => 2620,
        'emulsify' => 2380, 'through' => 2200,
        'firstStrand' => 42, 'lastStrand' => 30,
        // For a rinse at 2620: complete at 160 at the soonest, at 1360 at the latest.
        'completeFrom' => 160, 'completeTo' => 1360,
        // Half of the least is what nobody rinses before unasked.
        'early' => 820 + 630, 'counts' => true,
    ])
        ->and(momentsOf($bowl->with(['happened' => new Happened(mixed: 40, began: 100)]), now: 200)->mix)->toBe(40)
        ->and(momentsOf($bowl->with(['mixing' => null]), now: 200)->mix)->toBeNull();
});

it('counts from the first touch where the house does, and the longest from it for lightener', function () {
    $bowl = static fn (array $more): BowlTimes => momentsOf(Plans::bowl('A', Window::of(21, 30, 41), $more + [
        'applying' => 12, 'happened' => new Happened(began: 100),
    ]), now: 200);
    expect(get_object_vars($bowl(['fromFirstTouch' => true])))->toMatchArray([
        'clock' => 100, 'complete' => 820, 'due' => 1900, 'least' => 1360, 'most' => 2560, 'rinse' => 1900,
        'completeFrom' => 160, 'completeTo' => 1360, 'early' => 730, 'firstStrand' => 30, 'lastStrand' => 18,
    ])
        ->and(get_object_vars($bowl(['firstStrandCounts' => true])))->toMatchArray([
            'clock' => 820, 'due' => 2620, 'most' => 2560, 'rinse' => 2560, 'completeFrom' => 820, 'completeTo' => 1300,
        ]);
});

it('counts minutes to the nearest', function (int $seconds, int $minutes) {
    expect(BowlTimes::minutes($seconds))->toBe($minutes);
})->with([[29, 0], [30, 1], [89, 1], [90, 2]]);

it('has no time that counts where nothing works, and asks of no early rinse of what stays', function () {
    $shield = momentsOf(Plans::bowl('S', Window::exactly(9))->with(['window' => null]));
    expect([$shield->due, $shield->least, $shield->most, $shield->completeFrom, $shield->completeTo, $shield->early])
        ->toBe([null, null, null, null, null, null]);
    $coat = Plans::bowl('A', Window::of(20, 20, 30), ['rinse' => 'not']);
    $over = Plans::bowl('B', Window::exactly(10), ['round' => 1]);
    $early = static fn (bool $counts): array => array_map(
        static fn (BowlTimes $times): ?int => $times->early,
        TimePlan::of(new TimedVisit([$coat, $over], coatCounts: $counts))->bowls,
    );
    expect($early(true)[0])->toBeNull()->and($early(false)[0])->toBeNull()->and($early(false)[1])->not->toBeNull();
});

it('looks from a minute on, every few, until it may be on no longer', function () {
    $bowl = static fn (Window $window, array $more = []): array => momentsOf(Plans::bowl('A', $window, $more + [
        'lookFrom' => 10, 'lookEvery' => 5, 'happened' => new Happened(began: 0, completed: 0),
    ]), now: 60)->looks;
    expect($bowl(Window::of(10, 20, 25)))->toBe([600, 900, 1200, 1500])
        ->and($bowl(Window::of(10, 20, 24)))->toBe([600, 900, 1200])
        ->and($bowl(Window::of(10, 20, 25), ['happened' => new Happened(began: 0, completed: 0, looked: 700)]))
        ->toBe([1000, 1300])
        // No more than forty.
        ->and($bowl(Window::of(10, 20, 400)))->toHaveCount(40);
});

it('says by how much something does not hold', function () {
    $on = static fn (array $more = [], ?Window $window = null): TimedBowl => Plans::bowl(
        'A', $window ?? Window::of(20, 30, 40), $more + ['happened' => new Happened(began: 0, completed: 0)],
    );
    $after = static fn (Follows $follows, array $more = []): TimedBowl => Plans::bowl(
        'B', Window::of(10, 10, 60), ['follows' => $follows, 'rinse' => 'own', ...$more],
    );
    // Rinsed at 1800, and it was to go on at 600 at the latest: now is 720.
    expect(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch, 8, 10))], now: 720))->toBe(['late B 2'])
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch, 8, 12))], now: 720))->toBe([])
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch, 12))], now: 720))->toBe([])
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch, 12))], now: 721))->toBe(['late B 1'])
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::Rinsed, 5, 6))], now: 720))->toBe([])
        // At whatever minute of its round.
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch), ['starts' => 9])], now: 720))
        ->toBe(['late B 3'])
        // Mixed at 0, and good for eleven minutes.
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch), [
            'fresh' => 11, 'happened' => new Happened(mixed: 0),
        ])], now: 720))->toBe(['stale B 1'])
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch), [
            'fresh' => 12, 'happened' => new Happened(mixed: 0),
        ])], now: 720))->toBe([])
        ->and(breaksOf([$on(), $after(new Follows('A', FollowFrom::FirstTouch), [
            'fresh' => 12, 'happened' => new Happened(mixed: -1000),
        ])], now: 720))->toBe(['stale B 12'])
        // What should be off by now is the next act, and no plan mends it.
        ->and(breaksOf([$on()], now: 5000))->toBe([])
        ->and(breaksOf([$on(['happened' => new Happened(began: 0, completed: 0, rinsed: 60)])], now: 5000))->toBe([]);
});

it('counts back from the end of what it follows', function () {
    // A is off at 1800. B is to go on ten to twelve minutes before that; its clock starts when it is complete.
    $plan = TimePlan::of(new TimedVisit([
        Plans::bowl('A', Window::of(20, 30, 30), ['happened' => new Happened(began: 0, completed: 0)]),
        Plans::bowl('B', Window::of(5, 10, 30), ['applying' => 3, 'follows' => new Follows('A', FollowFrom::End, 10, 12)]),
    ], now: 60));
    $b = $plan->bowl('B');
    expect([$plan->bowl('A')?->rinse, $b?->rinse, $plan->holds()])->toBe([1800, 1800, true])
        ->and($b?->clock)->toBeGreaterThanOrEqual(1800 - 720)->toBeLessThanOrEqual(1800 - 600);
});

/** @return list<string> what was left out, by its key and values */
function leftOut(TimedBowl ...$bowls): array
{
    return array_map(
        static fn (Fact $fact): string => substr($fact->key, strlen('times.')).' '.implode(' ', array_map(strval(...), $fact->values)),
        TimePlan::of(new TimedVisit(array_values($bowls)))->faults,
    );
}

it('leaves out what cannot be meant, and says each', function () {
    $a = static fn (array $more, ?Window $window = null): TimedBowl => Plans::bowl('A', $window ?? Window::of(20, 30, 40), $more);
    $b = Plans::bowl('B', Window::of(20, 30, 40), ['follows' => new Follows('A', FollowFrom::Clock)]);
    expect(leftOut($a(['emulsify' => 40, 'through' => 40, 'lookFrom' => 40])))->toBe([])
        ->and(leftOut($a(['emulsify' => 41])))->toBe(['emulsify-longer A 41 40'])
        ->and(leftOut($a(['through' => 41])))->toBe(['through-longer A 41 40'])
        ->and(leftOut($a(['lookFrom' => 41])))->toBe(['look-too-late A 41 40'])
        ->and(leftOut($a(['emulsify' => 50, 'lookFrom' => 60])))->toBe(['emulsify-longer A 50 40', 'look-too-late A 60 40'])
        ->and(leftOut($a(['heat' => [new Core\Formula\HeatPhase(true, 30), new Core\Formula\HeatPhase(false, 10)]])))->toBe([])
        ->and(leftOut($a(['heat' => [new Core\Formula\HeatPhase(true, 30), new Core\Formula\HeatPhase(false, 11)]])))
        ->toBe(['heat-longer A 41 40'])
        ->and(leftOut($a(['hands' => ['Ana', ' ana ', 'Ben']])))->toBe(['one-person-twice A Ana'])
        ->and(leftOut($a(['hands' => ['Ana', 'Ben']])))->toBe([])
        ->and(leftOut($a(['rinse' => 'X'])))->toBe(['rinsed-with-nothing A X'])
        ->and(leftOut($a(['rinse' => 'A'])))->toBe(['rinsed-with-nothing A A'])
        ->and(leftOut($a(['follows' => new Follows('X', FollowFrom::Clock)])))->toBe(['follows-nothing A X'])
        ->and(leftOut($a(['follows' => new Follows('B', FollowFrom::Clock)]), $b))->toBe(['follows-itself A B'])
        ->and(leftOut($a([]), $b))->toBe([]);
});

it('keeps one person for what was said of one twice, and all the rest', function () {
    $plan = TimePlan::of(new TimedVisit([
        Plans::bowl('A', Window::of(20, 30, 40), ['applying' => 5, 'hands' => ['Ana', 'ANA'], 'rinse' => 'own']),
        Plans::bowl('B', Window::of(20, 30, 40), ['applying' => 5, 'hands' => ['Ana'], 'rinse' => 'own']),
    ], hands: 2));
    $begins = array_map(static fn (BowlTimes $times): int => $times->begin, $plan->bowls);
    sort($begins);
    // The same hands lay both, one after the other.
    expect($begins)->toBe([0, 300]);
});

it('frees the last bowl of what contradicts, or as many as it takes', function () {
    $a = static fn (array $more = []): TimedBowl => Plans::bowl('A', Window::of(20, 30, 40), $more);
    // Goes on after A is off, and is to be rinsed with it.
    $b = static fn (string $letter, array $more = []): TimedBowl => Plans::bowl($letter, Window::of(20, 30, 40), [
        'applying' => 5, 'follows' => new Follows('A', FollowFrom::Rinsed), 'rinse' => 'A', ...$more,
    ]);
    $c = Plans::bowl('C', Window::of(20, 30, 40), ['order' => 9]);
    expect(leftOut($a(), $b('B')))->toBe(['contradicts B'])
        ->and(leftOut($a(), $b('B'), $b('C')))->toBe(['contradicts C', 'contradicts B'])
        ->and(leftOut($a(['order' => 3]), $b('B'), $c))->toBe(['contradicts B'])
        // Freed, it goes on with its round; what does not contradict stays as it was said.
        ->and(Plans::minutes(TimePlan::of(new TimedVisit([$a(), $b('B')])), 'rinse'))->toBe(['A' => 35, 'B' => 35]);
});
