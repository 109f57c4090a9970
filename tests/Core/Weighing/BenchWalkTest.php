<?php

declare(strict_types=1);

use Core\Weighing\BenchState;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Weighing\BenchWorld;

// Thousands of presses, pours and faults in no order, against the simulated scale's true grams.
it('never has a gram on record that is not in the bowl, and never a state without a way out', function (int $seed) {
    $world = new BenchWorld(new Randomizer(new Mt19937($seed)));
    for ($walk = 0; $walk < 12; $walk++) {
        for ($step = 0; $step < 60; $step++) {
            $world->step();
        }
        $world->finish();
        $world->anew();
    }
    expect($world->checks)->toBeGreaterThan(2_000);
})->with(range(1, 12));

it('walks through every state of the bench', function () {
    $world = new BenchWorld(new Randomizer(new Mt19937(99)));
    for ($step = 0; $step < 4_000; $step++) {
        $world->step();
        if ($step % 50 === 49) {
            $world->finish();
            $world->step();
            $world->step();
            $world->anew();
        }
    }
    $states = array_map(static fn (BenchState $state): string => $state->value, BenchState::cases());
    // Without a scale nothing is walked here: see below.
    expect(array_diff($states, array_keys($world->seen), ['by-hand']))->toBe([]);
});
