<?php

declare(strict_types=1);

use Core\Timing\Happened;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

// Foils that take two bowls in turn are one application: bowl, bowl, bowl, as the pattern goes (common practice, no
// source).
function laidInTurn(array $more = [], int $hands = 1): TimedVisit
{
    $window = Window::of(30, 35, 45);

    return new TimedVisit([
        Plans::bowl('A', $window, ['applying' => 20, 'together' => ['B'], ...$more['A'] ?? []]),
        Plans::bowl('B', $window, ['applying' => 20, 'together' => ['A'], ...$more['B'] ?? []]),
        ...isset($more['C']) ? [Plans::bowl('C', $window, $more['C'])] : [],
    ], hands: $hands);
}

it('lays the bowls of one pattern with one pair of hands, from the first foil to the last', function () {
    $plan = TimePlan::of(laidInTurn());
    expect(Plans::minutes($plan, 'begin'))->toBe(['A' => 0, 'B' => 0])
        ->and(Plans::minutes($plan, 'complete'))->toBe(['A' => 20, 'B' => 20])
        ->and($plan->holds())->toBeTrue();
});

it('gives the same hands to whatever comes beside only when the pattern is done', function () {
    $plan = TimePlan::of(laidInTurn(['C' => ['applying' => 5]]));
    $begin = Plans::minutes($plan, 'begin');
    expect($begin['A'])->toBe($begin['B'])
        ->and($begin['C'] >= $begin['A'] + 20 || $begin['A'] >= $begin['C'] + 5)->toBeTrue();
    // A second pair of hands needs to wait for nobody.
    $two = TimePlan::of(laidInTurn(['C' => ['applying' => 5]], hands: 2));
    expect($two->end)->toBeLessThan($plan->end);
});

it('is one person’s where that person has both bowls', function () {
    $plan = TimePlan::of(laidInTurn(['A' => ['hands' => ['Ana']], 'B' => ['hands' => ['Ana']]]));
    expect(Plans::minutes($plan, 'begin'))->toBe(['A' => 0, 'B' => 0])->and($plan->holds())->toBeTrue();
});

it('does not hold back the second bowl where only the first was marked', function () {
    $plan = TimePlan::of(
        laidInTurn(
            ['A' => ['happened' => new Happened(mixed: 0, began: 0)], 'B' => ['happened' => new Happened(mixed: 0)]],
        )->at(300),
    );
    expect(Plans::minutes($plan, 'begin'))->toBe(['A' => 0, 'B' => 5]);
});

it('takes one word for it only where both bowls say so', function () {
    $alone = laidInTurn(['B' => ['together' => []]]);
    $begin = Plans::minutes(TimePlan::of($alone), 'begin');
    expect(abs($begin['A'] - $begin['B']))->toBe(20);
});

it('never tears a pattern apart, whatever else is to be done', function (int $seed) {
    $visit = Plans::random($seed, 4, 1);
    $window = Window::of(20, 25, 60);
    $both = $visit->withMore([
        Plans::bowl('X', $window, ['applying' => 7, 'together' => ['Y']]),
        Plans::bowl('Y', $window, ['applying' => 7, 'together' => ['X']]),
    ]);
    $plan = TimePlan::of($both);
    [$x, $y] = [$plan->bowl('X'), $plan->bowl('Y')];
    expect($x?->begin)->toBe($y?->begin)->and($x?->complete)->toBe($y?->complete);
    foreach ($plan->bowls as $times) {
        if (! in_array($times->letter, ['X', 'Y'], true) && $plan->proven) {
            expect(
                $times->complete <= $x?->begin
                || $times->begin >= $x?->complete
                || $both->people() > 1,
            )->toBeTrue("bowl {$times->letter}");
        }
    }
})->with(range(1, 40));

it('says who has which bowl in hand, each person one at a time', function (int $seed) {
    $visit = Plans::random($seed, 5, 2);
    $plan = TimePlan::of($visit);
    $busy = [];
    foreach ($plan->bowls as $times) {
        $bowl = $visit->bowl($times->letter);
        $by = $plan->by[$times->letter] ?? [];
        if ($plan->by !== [] && $bowl?->applying > 0) {
            expect($by)->not->toBe([])->and($bowl?->hands === [] || $by === $bowl?->hands)->toBeTrue();
        }
        foreach ($by as $person) {
            foreach ($busy[$person] ?? [] as [$from, $to]) {
                expect($times->begin >= $to || $times->complete <= $from)->toBeTrue("{$person} has two bowls");
            }
            $busy[$person][] = [$times->begin, $times->complete];
        }
    }
    expect(count($busy))->toBeLessThanOrEqual($visit->people());
})->with(range(1, 60));

it('names nobody where one person does everything, and the second pair of hands by its number', function () {
    expect(TimePlan::of(laidInTurn(['C' => ['applying' => 5]]))->by)->toBe([]);
    $two = TimePlan::of(
        laidInTurn(['A' => ['hands' => ['Ana']], 'B' => ['hands' => ['Ana']], 'C' => ['applying' => 5]], hands: 2),
    );
    expect($two->by['A'])->toBe(['Ana'])->and($two->by['B'])->toBe(['Ana'])->and($two->by['C'])->toBe(['#2']);
});
