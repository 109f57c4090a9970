<?php

declare(strict_types=1);

use Core\Timing\Against;
use Core\Timing\Happened;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

// Common practice, no source: thirty at the root, twenty on the lengths, rinsed together; the lengths go on at ten.
function rootAndLengths(Happened $root = new Happened, Happened $lengths = new Happened): TimedVisit
{
    return new TimedVisit([
        Plans::bowl('A', Window::of(30, 30, 45), ['applying' => 10, 'happened' => $root]),
        Plans::bowl('B', Window::of(20, 20, 25), ['applying' => 5, 'happened' => $lengths]),
    ]);
}

it('holds nothing against a visit that has not begun', function () {
    expect(Against::of(rootAndLengths()))->toBe([]);
});

it('says by how much each thing was otherwise, from the first touch on', function () {
    $minute = static fn (int $of): int => 1000 + $of * 60;
    $was = Against::of(rootAndLengths(
        new Happened(began: $minute(0), completed: $minute(14), rinsed: $minute(50)),
        new Happened(began: $minute(22), completed: $minute(25)),
    ));
    $meant = TimePlan::of(rootAndLengths());
    [$root, $lengths] = [$meant->bowl('A'), $meant->bowl('B')];
    expect($root?->begin)->toBe(0)
        ->and([$was['A']->begin, $was['A']->complete, $was['A']->rinse])->toBe([$minute(0), $minute(10), $minute(40)])
        ->and([$was['A']->begunLate, $was['A']->appliedLonger, $was['A']->rinsedLate])->toBe([0, 4, 10])
        ->and([$was['A']->firstStrand, $was['A']->lastStrand])->toBe([40, 30])
        ->and($was['B']->begin)->toBe(1000 + ($lengths->begin ?? 0))
        // Begun earlier or later than meant, and two minutes quicker; not off yet.
        ->and($was['B']->begunLate)->toBe(22 - intdiv($lengths->begin ?? 0, 60))
        ->and($was['B']->appliedLonger)->toBe(-2)
        ->and($was['B']->rinsedLate)->toBeNull();
});

it('finds nothing against a visit that went by its plan, whatever it is', function (int $seed) {
    $visit = Plans::random($seed, 4, 2);
    $plan = TimePlan::of($visit);
    $done = new TimedVisit(array_map(function ($bowl) use ($plan) {
        $times = $plan->bowl($bowl->letter);

        return $times === null
            ? $bowl
            : $bowl->with(
                ['happened' => new Happened(began: $times->begin, completed: $times->complete, rinsed: $times->rinse)],
            );
    }, $visit->bowls), $visit->between, $visit->hands, $visit->coatCounts, null, $visit->after);
    foreach (Against::of($done) as $bowl) {
        expect([$bowl->begunLate, $bowl->appliedLonger, $bowl->rinsedLate])->toBe([0, 0, 0]);
    }
    expect(count(Against::of($done)))->toBe(count($plan->bowls));
})->with(range(1, 40));
