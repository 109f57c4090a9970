<?php

declare(strict_types=1);

use Core\Scale\PanWatch;

/**
 * Shows a scale's course, ten readings a second; what rests a while is still.
 *
 * @param  list<array{int, int}>  $course  centigrams, and for how many tenths of a second
 */
function changesIn(array $course, int $perReading = 0): int
{
    $watch = new PanWatch;
    $now = 0;
    $shown = $course[0][0];
    foreach ($course as [$to, $tenths]) {
        for ($i = 0; $i < $tenths; $i++) {
            // A bowl that is put on shows within two readings, a pour by its rate.
            $step = $perReading > 0 ? $perReading : max(1_500, intdiv(abs($to - $shown), 2));
            $shown = abs($to - $shown) <= $step ? $to : $shown + ($to <=> $shown) * $step;
            $watch->see($shown, $shown === $to && $i > 4, $now);
            $now += 100;
        }
    }

    return $watch->changes();
}

it('takes no pour for a bowl: not a drip, not a gush', function () {
    expect(changesIn([[21_000, 10], [25_000, 40]], 10))->toBe(0)
        ->and(changesIn([[21_000, 10], [30_000, 40]], 600))->toBe(0);
});

it('sees a bowl put on, exchanged and taken for good', function () {
    expect(changesIn([[0, 10], [21_000, 20]]))->toBe(1)
        ->and(changesIn([[21_000, 10], [0, 20], [26_000, 20]]))->toBe(1)
        // Another bowl of nearly the same weight is another bowl.
        ->and(changesIn([[21_000, 10], [0, 20], [21_200, 20]]))->toBe(1)
        ->and(changesIn([[21_000, 10], [33_000, 20]]))->toBe(1)
        // Exchanged for a lighter one in a moment, and poured into.
        ->and(changesIn([[30_000, 10], [19_000, 20], [21_000, 30]]))->toBe(1);
});

it('knows a bowl that is put back as it was, and one with something more in it', function () {
    expect(changesIn([[21_000, 10], [0, 30], [21_000, 20]]))->toBe(0)
        ->and(changesIn([[21_000, 10], [0, 30], [21_030, 20], [23_000, 30]]))->toBe(0)
        ->and(changesIn([[21_000, 10], [0, 30], [22_240, 20]]))->toBe(1);
});

it('lets a hand rest on it, and something be knocked', function () {
    expect(changesIn([[21_000, 10], [60_000, 4], [21_000, 20]]))->toBe(0)
        ->and(changesIn([[21_000, 10], [5_000, 3], [21_000, 20]]))->toBe(0);
});

it('asks once for each exchange, however often', function () {
    expect(changesIn([[21_000, 10], [0, 10], [26_000, 20], [0, 10], [18_000, 20], [0, 10], [18_000, 20]]))->toBe(2);
});
