<?php

declare(strict_types=1);

namespace App\Formulas;

use Carbon\CarbonImmutable;
use Core\Fact;
use Core\Timing\Act;
use Core\Timing\Against;
use Core\Timing\BowlTimes;
use Core\Timing\TimedVisit;
use Core\Timing\TimeMend;
use Core\Timing\TimePlan;

/** The plan of a visit's times as it stands, on the clock. */
final readonly class PlannedTimes
{
    /**
     * @param  int  $origin  the second the plan counts from, since 1970
     * @param  int  $now  seconds from there
     * @param  list<Act>  $acts  by their moment
     * @param  list<TimeMend>  $mends
     * @param  list<Fact>  $faults
     * @param  array<string, array{bowl: string, batch: ?string, side: ?string}>  $ids  by the letter in the plan
     * @param  bool  $onHair  something is on the hair
     * @param  array<string, Against>  $against  what was meant beside what has happened, by letter; none before the
     *     first touch
     * @param  list<string>  $before  bowls whose minutes to apply are those of the last time, by letter
     */
    public function __construct(
        public int $origin,
        public int $now,
        public TimedVisit $timed,
        public TimePlan $plan,
        public array $acts,
        public array $mends,
        public array $faults,
        public array $ids,
        public bool $onHair,
        public array $against = [],
        public array $before = [],
    ) {
    }

    public function moment(?int $second): ?string
    {
        return $second === null
            ? null
            : CarbonImmutable::createFromTimestamp($this->origin + $second)->toIso8601String();
    }

    /**
     * Seconds from now, or from the first mixing where nothing has begun, until a bowl goes on; null where it is on, or
     * not planned.
     */
    public function until(string $letter): ?int
    {
        $times = $this->plan->bowl($letter);
        $first = min(
            [0, ...array_map(static fn (BowlTimes $each): int => $each->mix ?? $each->begin, $this->plan->bowls)],
        );

        return $times === null || $this->timed->bowl($letter)?->happened->began !== null
            ? null
            : $times->begin - ($this->timed->now ?? $first);
    }

    /** What is to be done first; null where nothing is. */
    public function next(): ?Act
    {
        return $this->acts[0] ?? null;
    }
}
