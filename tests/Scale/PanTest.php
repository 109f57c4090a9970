<?php

declare(strict_types=1);

use Scale\Pan;

function after(Pan $pan, float $seconds): Pan
{
    for ($passed = 0.0; $passed < $seconds - 0.001; $passed += 0.1) {
        $pan->pass(0.1);
    }

    return $pan;
}

it('settles on what lies on it, and is still only then', function () {
    $pan = new Pan;
    $pan->put(210.0);
    $pan->pass(0.1);
    expect($pan->isStill())->toBeFalse()->and($pan->reading())->toBeGreaterThan(0)->toBeLessThan(21_000);
    after($pan, 3);
    expect($pan->isStill())->toBeTrue()->and($pan->reading())->toBe(21_000);
});

it('tares under the bowl and tells what it weighs', function () {
    $pan = new Pan;
    $pan->put(210.0);
    after($pan, 3);
    expect($pan->tare())->toBe(21_000)->and($pan->reading())->toBe(0);
    $pan->pour(12.5);
    after($pan, 4);
    expect($pan->reading())->toBe(1_250);
    $pan->lift();
    after($pan, 3);
    expect($pan->reading())->toBe(-21_000);
    $pan->return();
    after($pan, 3);
    expect($pan->reading())->toBe(1_250);
});

it('pours while the tap is held and stops when it is let go', function () {
    $pan = new Pan;
    $pan->flow(4.0);
    after($pan, 2);
    $pan->flow(0.0);
    after($pan, 3);
    expect($pan->reading())->toBeGreaterThanOrEqual(780)->toBeLessThanOrEqual(820)->and($pan->isStill())->toBeTrue();
});

it('trembles while it moves, by less than two steps, and shows only its steps', function () {
    $pan = new Pan;
    $pan->flow(2.0);
    $last = 0;
    for ($i = 0; $i < 100; $i++) {
        $pan->pass(0.1);
        expect($pan->reading() % 10)->toBe(0)->and($pan->reading())->toBeGreaterThan($last - 20);
        $last = $pan->reading();
    }
});

it('is overloaded beyond its capacity, and drifts when told to', function () {
    $pan = new Pan;
    $pan->put(3_200.0);
    expect($pan->isOverloaded())->toBeTrue();
    $pan->reset();
    expect($pan->isOverloaded())->toBeFalse();
    $pan->driftBy(0.1);
    after($pan, 10);
    expect($pan->reading())->toBeGreaterThanOrEqual(90)->toBeLessThanOrEqual(110);
});

it('holds what a service left in the bowl', function () {
    $pan = new Pan;
    $pan->put(200.0);
    $pan->pour(100.0);
    after($pan, 3);
    $pan->hold(31.5);
    after($pan, 3);
    expect($pan->reading())->toBe(23_150);
});

it('comes to rest as many times sooner as it is told, and pours no faster for it', function () {
    $rested = static function (Pan $pan): int {
        $pan->pour(30.0);
        for ($ticks = 0; $ticks < 100 && (! $pan->isStill() || $pan->reading() !== 3_000); $ticks++) {
            $pan->pass(0.1);
        }

        return $ticks;
    };
    $usual = $rested(new Pan);
    $quick = new Pan;
    $quick->quicken(4);
    // Half a second is poured either way.
    expect($rested($quick))->toBeGreaterThan(5)->toBeLessThan($usual / 2);
    $quick->reset();
    expect($rested($quick))->toBe($usual);
});
