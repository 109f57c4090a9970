<?php

declare(strict_types=1);

use Core\Timing\BowlTimes;
use Core\Timing\Happened;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;
use Tests\Core\Timing\TimesByGlpsol;

// Outside check: GNU glpsol on the same visits, from a programme that is written down by another road.
it('misses as little as glpsol finds that must be missed', function (int $seed) {
    $visit = Plans::random($seed, 3 + $seed % 3, 1 + $seed % 2, $seed % 4 === 0);
    $plan = TimePlan::of($visit);
    if ($plan->faults !== []) {
        // What we say cannot be has no answer there either.
        expect(fn () => TimesByGlpsol::costs($visit))->toThrow(RuntimeException::class, 'NO PRIMAL FEASIBLE');

        return;
    }
    expect($plan->proven)->toBeTrue()
        ->and(
            array_map(static fn (int $seconds): int => intdiv($seconds, 60), $plan->costs),
        )->toBe(TimesByGlpsol::costs($visit));
})->with(range(1, 24));

/**
 * Every begin of every bowl, minute by minute, and every rinse: one round, one pair of hands.
 *
 * @param  list<TimedBowl>  $bowls
 * @return list<int> the least costs in minutes
 */
function leastByTrying(array $bowls, int $latest): array
{
    $best = [PHP_INT_MAX, 0, 0, 0, 0];
    $try = function (array $begins) use (&$try, &$best, $bowls, $latest): void {
        if (count($begins) < count($bowls)) {
            for ($at = 0; $at <= $latest; $at++) {
                foreach ($begins as $other => $begin) {
                    if ($at < $begin + $bowls[$other]->applying && $begin < $at + $bowls[count($begins)]->applying) {
                        continue 2;
                    }
                }
                $try([...$begins, $at]);
            }

            return;
        }
        $done = max(
            array_map(static fn (TimedBowl $bowl, int $begin): int => $begin + $bowl->applying, $bowls, $begins),
        );
        for ($rinse = $done; $rinse <= $done + 14; $rinse++) {
            $costs = [0, 0, $rinse, $rinse, 0];
            foreach ($bowls as $at => $bowl) {
                $had = $rinse - $begins[$at] - $bowl->applying;
                $window = $bowl->window ?? Window::exactly(0);
                $costs[0] += max(0, $window->least - $had) + max(0, $had - $window->most);
                $costs[1] += max(0, $window->target - $had);
                $costs[4] += max(0, $had - $window->target);
            }
            $best = min($best, $costs);
        }
    };
    $try([]);

    return $best;
}

it('is as good as the best of all beginnings of three small bowls', function (int $seed) {
    mt_srand($seed);
    $bowls = array_map(static fn (string $letter): TimedBowl => Plans::bowl($letter, Window::of(
        $least = mt_rand(2, 5),
        $target = $least + mt_rand(0, 3),
        $target + mt_rand(0, 3),
    ), ['applying' => mt_rand(1, 4)]), ['A', 'B', 'C']);
    expect(
        array_map(static fn (int $seconds): int => intdiv($seconds, 60), TimePlan::of(new TimedVisit($bowls))->costs),
    )
        ->toBe(leastByTrying($bowls, 12));
})->with(range(1, 8));

it('breaks no window in a plan that claims none, and leaves nobody with two bowls in hand', function () {
    $held = 0;
    for ($seed = 1; $seed <= 120; $seed++) {
        $visit = Plans::random($seed, 2 + $seed % 5, 1 + $seed % 3);
        $plan = TimePlan::of($visit);
        foreach ($plan->bowls as $times) {
            $bowl = $visit->bowl($times->letter);
            $window = $bowl?->window;
            $had = $times->rinse - $times->clock;
            if ($plan->holds() && $window !== null) {
                $held++;
                expect($had)->toBeGreaterThanOrEqual($window->least * 60)
                    ->and(
                        $bowl->firstStrandCounts ? $times->rinse - $times->begin : $had,
                    )->toBeLessThanOrEqual($window->most * 60);
            }
            $together = array_filter(
                $plan->bowls,
                static fn (BowlTimes $each): bool => $each->begin <= $times->begin && $times->begin < $each->complete,
            );
            $names = array_merge(
                ...array_map(static fn (BowlTimes $each): array => $visit->bowl($each->letter)->hands ?? [], $together),
            );
            expect(count($together))->toBeLessThanOrEqual($visit->people())
                ->and($names)->toBe(array_unique($names));
        }
    }
    expect($held)->toBeGreaterThan(100);
});

it('is no worse with a wider window, nor with a further pair of hands', function () {
    for ($seed = 1; $seed <= 60; $seed++) {
        $visit = Plans::random($seed, 4, 1 + $seed % 2);
        $plan = TimePlan::of($visit);
        $letter = $visit->bowls[$seed % 4]->letter;
        $window = $visit->bowls[$seed % 4]->window ?? Window::exactly(5);
        $wider = $visit->withBowl(
            $letter,
            ['window' => Window::of(max(0, $window->least - 2), $window->target, $window->most + 3)],
        );
        expect(TimePlan::of($wider)->costs <=> $plan->costs)->toBeLessThanOrEqual(0)
            ->and(TimePlan::of($visit->withHands($visit->hands + 1))->costs <=> $plan->costs)->toBeLessThanOrEqual(0);
    }
});

it('is the same for every order in which the bowls are told', function () {
    for ($seed = 1; $seed <= 40; $seed++) {
        $visit = Plans::random($seed, 5, 1 + $seed % 3);
        $bowls = $visit->bowls;
        mt_srand($seed);
        shuffle($bowls);
        expect(TimePlan::of(new TimedVisit($bowls, $visit->between, $visit->hands)))->toEqual(TimePlan::of($visit));
    }
});

it('keeps what has happened where it is, and begins nothing before now', function () {
    for ($seed = 1; $seed <= 40; $seed++) {
        $ideal = Plans::random($seed, 4, 2);
        $first = TimePlan::of($ideal)->bowls;
        usort($first, static fn (BowlTimes $one, BowlTimes $other): int => $one->begin <=> $other->begin);
        [$on, $now] = [$first[0], $first[0]->begin + 420];
        $bowls = array_map(static fn (TimedBowl $bowl): TimedBowl => $bowl->letter === $on->letter ? Plans::bowl(
            $bowl->letter,
            $bowl->window ?? Window::exactly(5),
            [
                'round' => $bowl->round,
                'applying' => $bowl->applying,
                'happened' => new Happened(began: $on->begin, completed: $on->begin + 240),
            ],
        ) : $bowl, $ideal->bowls);
        $plan = TimePlan::of(new TimedVisit($bowls, $ideal->between, 2, now: $now));
        foreach ($plan->bowls as $times) {
            expect($times->letter === $on->letter ? [$times->begin, $times->complete] : $times->begin >= $now)
                ->toBe($times->letter === $on->letter ? [$on->begin, $on->begin + 240] : true);
        }
    }
});
