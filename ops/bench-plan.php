<?php

declare(strict_types=1);

// The plan of times at its worst: eight bowls of one round, for one to three people, whose windows hardly hold; beside GNU
// glpsol on the same visits. ./tinta bench plan

require dirname(__DIR__).'/vendor/autoload.php';

use Core\Timing\FindMends;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;
use Tests\Core\Timing\TimesByGlpsol;

$visit = static fn (int $bowls, int $people): TimedVisit => new TimedVisit(array_map(
    static fn (int $at): TimedBowl => new TimedBowl(chr(65 + $at), 0, 5 + ($at * 3) % 11, Window::of(20 + $at, 25 + 2 * $at, 35 + 2 * $at)),
    range(0, $bowls - 1),
), hands: $people);
foreach ([[4, 1], [6, 2], [8, 3], [8, 2], [8, 1]] as [$bowls, $people]) {
    $timed = $visit($bowls, $people);
    $times = [];
    for ($try = 0; $try < 5; $try++) {
        $began = hrtime(true);
        $plan = TimePlan::of($timed);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);
    $began = hrtime(true);
    FindMends::of($timed, $plan);
    $mends = (hrtime(true) - $began) / 1e6;
    $began = hrtime(true);
    try {
        $costs = TimesByGlpsol::costs($timed);
        $solver = (hrtime(true) - $began) / 1e6;
        $ours = array_map(static fn (int $seconds): int => intdiv($seconds, 60), $plan->costs);
        $beside = sprintf('glpsol %8.0f ms, ratio %.3f, %s', $solver, $times[2] / $solver, $ours === $costs ? 'the same' : 'not the same: ours misses '.implode(', ', $ours).', glpsol '.implode(', ', $costs));
    } catch (RuntimeException) {
        $beside = 'glpsol has no answer within a minute';
    }
    printf("%d bowls, %d people: %6.1f ms, %s; mends %.0f ms; %s\n", $bowls, $people, $times[2], $plan->proven ? 'proven' : 'the best within its budget', $mends, $beside);
}
