<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Timing\BowlTimes;
use Core\Timing\FindMends;
use Core\Timing\Happened;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Timing\TimeBreak;
use Core\Timing\TimedVisit;
use Core\Timing\TimeMend;
use Core\Timing\TimePlan;

/** Writes the plan of times of a document: minutes from the first touch of all. */
final class WriteTimes
{
    /**
     * What the wall's clock said, in seconds from the earliest of it.
     *
     * @param  array<string, list<Stamp>>  $stamps  seconds of the day, by letter
     * @return array<string, Happened>
     */
    public static function happened(array $stamps): array
    {
        $all = array_map(static fn (Stamp $stamp): int => $stamp->second, array_merge([], ...array_values($stamps)));
        $happened = [];
        foreach ($stamps as $letter => $marks) {
            $at = [];
            foreach ($marks as $mark) {
                $at[$mark->kind->value] ??= $mark->second - min($mark->second, ...$all);
            }
            $happened[$letter] = new Happened(
                began: $at[StampKind::Began->value] ?? null,
                completed: $at[StampKind::Completed->value] ?? null,
                rinsed: $at[StampKind::Rinsed->value] ?? null,
            );
        }

        return $happened;
    }

    /**
     * @param  list<Fact>  $beyond  minutes that were said beyond the line's
     * @return array<string, mixed>
     */
    public static function of(TimedVisit $visit, array $beyond): array
    {
        $plan = TimePlan::of($visit);
        $from = $plan->bowls === []
            ? 0
            : min(array_map(static fn (BowlTimes $times): int => $times->begin, $plan->bowls));

        return [
            'minutes' => self::range($plan->end - $from, $plan->endLatest - $from),
            'bowls' => array_map(static fn (BowlTimes $times): array => self::bowl($times, $from), $plan->bowls),
            'breaks' => array_map(static fn (TimeBreak $break): Fact => $break->fact(), $plan->breaks),
            'mends' => array_map(static fn (TimeMend $mend): Fact => $mend->fact(), FindMends::of($visit, $plan)),
            'faults' => array_map(
                static fn (Fact $fault): array => ['said' => $fault, 'mend' => $fault->mend()],
                [...$plan->faults, ...$beyond],
            ),
        ];
    }

    /** @return array<string, mixed> only what there is of it */
    private static function bowl(BowlTimes $times, int $from): array
    {
        $minute = static fn (?int $second): ?int => $second === null
            ? null
            : intdiv($second - $from + ($second < $from ? -30 : 30), 60);

        return array_filter([
            'bowl' => $times->letter,
            'mix' => $minute($times->mix),
            'begin' => $minute($times->begin),
            'complete' => $minute($times->complete),
            'completeBetween' => $times->completeFrom === null || $times->completeTo === null || ! $times->counts
                ? null
                : [max($minute($times->begin) ?? 0, $minute($times->completeFrom) ?? 0), $minute($times->completeTo)],
            'mixAgain' => $minute($times->again),
            'look' => $times->looks === [] ? null : array_map($minute, $times->looks),
            'heat' => $times->heat === []
                ? null
                : array_map(static fn (array $phase): array => array_map($minute, $phase), $times->heat),
            'through' => $minute($times->through),
            'emulsify' => $minute($times->emulsify),
            'rinse' => $minute($times->rinse),
            'firstStrand' => $times->firstStrand,
            'lastStrand' => $times->lastStrand,
        ], static fn (mixed $value): bool => $value !== null);
    }

    private static function range(int $least, int $most): string
    {
        [$least, $most] = [BowlTimes::minutes($least), BowlTimes::minutes($most)];

        return $least === $most ? (string) $least : "{$least} to {$most}";
    }
}
