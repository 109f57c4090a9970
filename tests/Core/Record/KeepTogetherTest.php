<?php

declare(strict_types=1);

use Core\Formula\BowlSheet;
use Core\Record\KeepTogether;
use Tests\Core\Record\Ladder;

/** @return array<string, int> when each goes on now, by letter */
function movedBy(int $before, int $after, BowlSheet ...$others): array
{
    $root = static fn (int $minutes): BowlSheet => Ladder::bowl(more: ['letter' => 'A', 'minutes' => $minutes]);
    $moved = [];
    foreach (KeepTogether::of($root($before), $root($after), array_values($others), Ladder::shelf()) as $each) {
        $moved[$each['sheet']->letter] = $each['sheet']->details->plus;
    }

    return $moved;
}

it('moves what goes on for the last minutes with the bowl it is rinsed with', function () {
    $last = Ladder::bowl(more: ['letter' => 'B', 'minutes' => 5, 'after' => 'A', 'plus' => 35, 'rinse' => 'A']);
    $own = Ladder::bowl(more: ['letter' => 'C', 'minutes' => 20, 'after' => 'A', 'plus' => 10, 'rinse' => 'own']);
    $other = Ladder::bowl(more: ['letter' => 'D', 'minutes' => 20]);
    // A of 40 with the last 5 of B: 45 means on at +40, 35 at +30.
    expect(movedBy(40, 45, $last, $own, $other))->toBe(['B' => 40])
        ->and(movedBy(40, 35, $last, $own, $other))->toBe(['B' => 30])
        ->and(movedBy(40, 40, $last, $own, $other))->toBe([])
        ->and(movedBy(40, 2, $last))->toBe(['B' => 0]);
});

it('is there and back the same', function () {
    foreach ([5, 12, 20] as $more) {
        $last = Ladder::bowl(more: ['letter' => 'B', 'minutes' => 10, 'after' => 'A', 'plus' => 25, 'rinse' => 'A']);
        $root = static fn (int $minutes): BowlSheet => Ladder::bowl(more: ['letter' => 'A', 'minutes' => $minutes]);
        [$on] = KeepTogether::of($root(35), $root(35 + $more), [$last], Ladder::shelf());
        [$back] = KeepTogether::of($root(35 + $more), $root(35), [$on['sheet']], Ladder::shelf());
        expect($back['sheet']->draft)->toEqual($last->draft);
    }
});
