<?php

declare(strict_types=1);

use Core\Formula\FollowFrom;
use Core\Timing\Act;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\NextActs;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\Plans;

/** @param  array<string, mixed>  $more */
function apart(Happened $left, Happened $right, array $more = [], ?int $now = null, array $others = []): TimedVisit
{
    $visit = new TimedVisit(
        [Plans::bowl('A', Window::of(30, 35, 45), ['applying' => 20, 'mixing' => 3, ...$more]), ...$others],
        now: $now,
    );

    return $visit->withSides('A', ['A left' => $left, 'A right' => $right]);
}

it('plans one side before the other with one pair of hands, half of the time each', function () {
    $plan = TimePlan::of(apart(new Happened, new Happened));
    expect(Plans::minutes($plan, 'begin'))->toBe(['A left' => 0, 'A right' => 10])
        ->and(Plans::minutes($plan, 'complete'))->toBe(['A left' => 10, 'A right' => 20])
        // Both off together: the first strand of the left has had longest.
        ->and(Plans::minutes($plan, 'rinse'))->toBe(['A left' => 55, 'A right' => 55])
        ->and(Plans::exposures($plan)['A left'])->toBe([55, 45])
        ->and(Plans::exposures($plan)['A right'])->toBe([45, 35]);
});

it('gives two people a side each, at once', function () {
    $plan = TimePlan::of(apart(new Happened, new Happened, ['hands' => ['Ana', 'Ben']]));
    expect(Plans::minutes($plan, 'begin'))->toBe(['A left' => 0, 'A right' => 0])
        ->and(Plans::minutes($plan, 'complete'))->toBe(['A left' => 20, 'A right' => 20]);
});

it('counts each side from its own first touch, and calls the earlier one before it is over', function () {
    $visit = apart(
        new Happened(mixed: 0, began: 0, completed: 600),
        new Happened(mixed: 0, began: 1500, completed: 2100),
        now: 2400,
    );
    $plan = TimePlan::of($visit);
    // The left may have 45 from minute 10, the right needs 30 from minute 35: there is no minute for both.
    expect(Plans::minutes($plan, 'rinse')['A left'])->toBe(Plans::minutes($plan, 'rinse')['A right'])
        ->and(array_column($plan->breaks, 'letter'))->toContain('A left');
    $rinses = array_filter(
        NextActs::of($visit, $plan, 2400),
        static fn (Act $act): bool => $act->kind->value === 'rinse',
    );
    expect(array_values($rinses)[0]->letters)->toBe(['A left', 'A right']);
    // By itself it comes off in its time.
    $own = TimePlan::of($visit->withBowl('A left', ['rinse' => 'own']));
    expect($own->holds())->toBeTrue()->and(Plans::minutes($own, 'rinse'))->toBe(['A left' => 45, 'A right' => 70]);
});

it('lets what follows the bowl, or is rinsed with it, look to its last side', function () {
    $visit = apart(new Happened, new Happened, [], null, [
        Plans::bowl(
            'B',
            Window::of(20, 20, 25),
            ['applying' => 5, 'rinse' => 'A', 'follows' => new Follows('A', FollowFrom::LastTouch, 0)],
        ),
    ]);
    $plan = TimePlan::of($visit);
    expect(Plans::minutes($plan, 'begin')['B'])->toBe(Plans::minutes($plan, 'complete')['A right'])
        ->and($plan->bowl('B')?->group)->toBe($plan->bowl('A right')?->group);
});
