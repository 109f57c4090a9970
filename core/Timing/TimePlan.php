<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Fact;

/** When everything of a visit happens so that everything is done together; what does not hold, and by how much. */
final readonly class TimePlan
{
    /** More bowls than that are no visit, and no plan of theirs would be found in time. */
    private const MOST = 24;

    /**
     * @param  list<BowlTimes>  $bowls  by round and letter
     * @param  list<TimeBreak>  $breaks
     * @param  list<Fact>  $faults  what was said and cannot be meant so; the plan is without it
     * @param  list<int>  $costs  what is missed, kind by kind, as the search compares it
     * @param  int  $end  seconds; the last rinse and what follows it
     * @param  int  $endLatest  the same where every range of minutes is taken at its longer end
     * @param  bool  $proven  nothing better exists; not where the search stopped at its budget
     * @param  int  $looked  plans that were looked at to find it
     * @param  array<string, list<string>>  $by  who has which bowl in hand, by letter: names, or #2 for hands without
     *     one
     */
    private function __construct(
        public array $bowls,
        public array $breaks,
        public array $faults,
        public array $costs,
        public int $end,
        public int $endLatest,
        public bool $proven,
        public int $looked = 0,
        public array $by = [],
    ) {
    }

    /**
     * The best plan there is: windows kept, then nothing short of its time, then the earliest rinse, then least over.
     */
    public static function of(TimedVisit $visit, int $budget = HandsSearch::BUDGET): self
    {
        if (count($visit->bowls) > self::MOST) {
            return new self(
                bowls: [],
                breaks: [],
                faults: [Fact::of('times.too-many', most: self::MOST)],
                costs: [],
                end: 0,
                endLatest: 0,
                proven: true,
            );
        }
        [$sound, $faults] = TimeFaults::without($visit);
        $plan = self::best($sound, $faults, $budget);
        $longest = $sound->atItsLongest();

        return ! $sound->hasRanges() ? $plan : new self(
            bowls: $plan->bowls,
            breaks: $plan->breaks,
            faults: $plan->faults,
            costs: $plan->costs,
            end: $plan->end,
            endLatest: max($plan->end, self::best($longest, [], $budget)->end),
            proven: $plan->proven,
            looked: $plan->looked,
            by: $plan->by,
        );
    }

    /** @param  list<Fact>  $faults */
    private static function best(TimedVisit $visit, array $faults, int $budget): self
    {
        $model = new TimeModel($visit);
        $found = HandsSearch::best($model, $budget);
        if ($found === null) {
            [$visit, $more] = TimeFaults::untangled($visit);
            $faults = [...$faults, ...$more];
            $model = new TimeModel($visit);
            $found = HandsSearch::best($model, $budget);
        }
        if ($found === null) {
            return new self(bowls: [], breaks: [], faults: $faults, costs: [], end: 0, endLatest: 0, proven: true);
        }
        $bowls = $breaks = [];
        foreach ($visit->bowls as $bowl) {
            $bowls[] = BowlTimes::of(
                $bowl,
                $model,
                $found['moments'][$model->begins($bowl)],
                $found['moments'][$model->off($bowl)],
                $found['moments'][$model->roundFrom($bowl)],
            );
        }
        foreach ($bowls as $times) {
            array_push($breaks, ...FindBreaks::of($times, $bowls, $visit));
        }
        $end = max([0, ...array_map(static fn (BowlTimes $times): int => $times->rinse, $bowls)]) + $visit->after * 60;

        return new self(
            bowls: $bowls,
            breaks: $breaks,
            faults: $faults,
            costs: $found['costs'],
            end: $end,
            endLatest: $end,
            proven: $found['proven'],
            looked: $found['looked'],
            by: AssignHands::given($model, $found['moments']),
        );
    }

    public function bowl(string $letter): ?BowlTimes
    {
        foreach ($this->bowls as $bowl) {
            if ($bowl->letter === $letter) {
                return $bowl;
            }
        }

        return null;
    }

    public function holds(): bool
    {
        return $this->breaks === [];
    }
}
