<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\HttpBench;
use Tests\Feature\SmallSalon;

// The core's random walk over the bench, in small and through the doors: pours, presses and faults in no order, events
// that arrive twice, writes of a device that is behind.
it('never has a gram on record that is not in the bowl, whatever arrives twice or too late', function (int $seed) {
    $salon = new SmallSalon;
    $this->actingAs($salon->member());
    $visit = $salon->planVisit($this);
    $chance = new Randomizer(new Mt19937($seed));
    $checks = $doubled = $late = 0;
    foreach (['A', 'B', 'C'] as $letter) {
        $id = (string) Str::uuid();
        $salon->addBowl($this, $visit, ['letter' => $letter], $id)->assertCreated();
        $bench = new HttpBench($this, $id, $chance);
        for ($step = 0; $step < 50 && $bench->isOpen(); $step++) {
            $bench->step();
        }
        $bench->finish();
        [$checks, $doubled, $late] = [$checks + $bench->checks, $doubled + $bench->doubled, $late + $bench->late];
    }
    expect($checks)->toBeGreaterThan(200)->and($doubled)->toBeGreaterThan(0)->and($late)->toBeGreaterThan(0);
})->with([1, 2, 3, 4]);
