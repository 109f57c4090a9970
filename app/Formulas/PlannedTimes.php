<?php

declare(strict_types=1);

namespace App\Formulas;

use Carbon\CarbonImmutable;
use Core\Fact;
use Core\Timing\Act;
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
     * @param  array<string, array{bowl: string, batch: ?string}>  $ids  by the letter in the plan
     * @param  bool  $onHair  something is on the hair
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
    ) {
    }

    public function moment(?int $second): ?string
    {
        return $second === null ? null : CarbonImmutable::createFromTimestamp($this->origin + $second)->toIso8601String();
    }

    /** What is to be done first; null where nothing is. */
    public function next(): ?Act
    {
        return $this->acts[0] ?? null;
    }
}
