<?php

declare(strict_types=1);

namespace Tests\Core\Timing;

use Core\Formula\FollowFrom;
use Core\Timing\BowlTimes;
use Core\Timing\Follows;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Timing\Window;

/** Visits to plan: by hand in minutes, and by chance. */
final class Plans
{
    /** @param  array<string, mixed>  $more  by the names of TimedBowl */
    public static function bowl(string $letter, Window $window, array $more = []): TimedBowl
    {
        return new TimedBowl(...['letter' => $letter, 'round' => 0, 'applying' => 0, 'window' => $window, ...$more]);
    }

    /** @return array<string, int> minutes of a moment, by letter */
    public static function minutes(TimePlan $plan, string $moment): array
    {
        $minutes = [];
        foreach ($plan->bowls as $times) {
            $value = get_object_vars($times)[$moment];
            $minutes[$times->letter] = intdiv((int) $value, 60);
        }

        return $minutes;
    }

    /** @return array<string, array{int, int}> minutes the first and the last strand have had, by letter */
    public static function exposures(TimePlan $plan): array
    {
        return array_combine(
            array_map(static fn (BowlTimes $times): string => $times->letter, $plan->bowls),
            array_map(static fn (BowlTimes $times): array => [$times->firstStrand, $times->lastStrand], $plan->bowls),
        );
    }

    /** A visit by chance. */
    public static function random(int $seed, int $bowls, int $hands, bool $tight = false): TimedVisit
    {
        mt_srand($seed);
        $made = [];
        for ($at = 0; $at < $bowls; $at++) {
            $least = mt_rand(3, 10);
            $target = $least + mt_rand(0, 4);
            $earlier = $at === 0 ? null : chr(65 + mt_rand(0, $at - 1));
            $follows = $earlier === null || mt_rand(0, 3) > 0 ? null : new Follows(
                $earlier,
                [FollowFrom::Clock, FollowFrom::FirstTouch, FollowFrom::LastTouch][mt_rand(0, 2)],
                mt_rand(0, 1) === 0 ? null : $plus = mt_rand(0, 6),
                mt_rand(0, 1) === 0 || ! isset($plus) ? null : $plus + mt_rand(0, 3),
            );
            unset($plus);
            $made[] = new TimedBowl(
                letter: chr(65 + $at),
                round: mt_rand(0, 4) === 0 ? 1 : 0,
                applying: mt_rand(1, $tight ? 9 : 5),
                window: Window::of($least, $target, $target + mt_rand(0, 6)),
                fromFirstTouch: mt_rand(0, 3) === 0,
                firstStrandCounts: mt_rand(0, 4) === 0,
                follows: $follows,
                rinse: ['round', 'round', 'round', 'own'][mt_rand(0, 3)],
                order: mt_rand(0, 2) === 0 ? mt_rand(1, 3) : null,
                hands: mt_rand(0, 3) === 0 ? [['Ana'], ['Ben']][mt_rand(0, 1)] : [],
            );
        }

        return new TimedVisit($made, [mt_rand(0, 5)], $hands);
    }
}
