<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Formula\FollowFrom;

/** What of a bowl's times does not hold, read off the plan by itself: it does not ask how the plan was found. */
final class FindBreaks
{
    /**
     * @param  list<BowlTimes>  $all
     * @return list<TimeBreak>
     */
    public static function of(BowlTimes $times, array $all, TimedVisit $visit): array
    {
        $bowl = $visit->bowl($times->letter);
        if ($bowl === null || $bowl->happened->rinsed !== null) {
            return [];
        }
        $found = [];
        $add = static function (BreakKind $kind, int $seconds) use (&$found, $bowl): void {
            if ($seconds > 0) {
                $found[] = new TimeBreak($kind, $bowl->letter, max(1, BowlTimes::minutes($seconds)));
            }
        };
        if ($times->counts && $times->least !== null && $times->most !== null) {
            $add(BreakKind::Short, $times->least - $times->rinse);
            // Where it should be off already, that is the next act, and nothing of the plan mends it.
            $passed = $visit->now !== null && $bowl->happened->began !== null && $times->rinse <= $visit->now;
            $add(BreakKind::Over, $bowl->stays() || $passed ? 0 : $times->rinse - $times->most);
        }
        if ($bowl->happened->began === null) {
            [$from, $to] = self::wished($bowl, $times, $all);
            $add(BreakKind::Late, $to === null ? 0 : $times->begin - $to);
            $add(BreakKind::Early, $from === null ? 0 : $from - $times->begin);
            $stale = $bowl->happened->mixed === null || $bowl->fresh === null
                ? null
                : max(0, $bowl->happened->mixed + $bowl->fresh * 60);
            $add(BreakKind::Stale, $stale === null ? 0 : $times->begin - $stale);
        }

        return $found;
    }

    /**
     * @param  list<BowlTimes>  $all
     * @return array{?int, ?int} seconds between which it was said to go on; null where nothing was
     */
    public static function wished(TimedBowl $bowl, BowlTimes $times, array $all): array
    {
        if ($bowl->starts !== null) {
            return [$times->roundFrom + $bowl->starts * 60, $times->roundFrom + $bowl->starts * 60];
        }
        $follows = $bowl->follows;
        $other = array_values(
            array_filter($all, static fn (BowlTimes $each): bool => $each->letter === $follows?->bowl),
        )[0] ?? null;
        if ($follows === null || $follows->least === null || $other === null) {
            return [null, null];
        }
        [$least, $most] = [$follows->least * 60, ($follows->most ?? $follows->least) * 60];
        if ($follows->from === FollowFrom::End) {
            $clockAfter = $times->clock - $times->begin;

            return [$other->rinse - $most - $clockAfter, $other->rinse - $least - $clockAfter];
        }
        $from = match ($follows->from) {
            FollowFrom::Clock => $other->clock,
            FollowFrom::FirstTouch => $other->begin,
            FollowFrom::LastTouch => $other->complete,
            FollowFrom::Rinsed => $other->rinse,
        };

        return [$from + $least, $from + $most];
    }
}
