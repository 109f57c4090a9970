<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Practice\Number;
use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * When a bowl is mixed, begun, complete, looked at, taken through, emulsified and rinsed: seconds from where the plan
 * counts.
 */
final readonly class BowlTimes
{
    /**
     * @param  ?int  $mix  when mixing begins; null where nothing is mixed
     * @param  int  $clock  where its clock starts
     * @param  ?int  $due  its target is reached; null where nothing works
     * @param  ?int  $least  the earliest rinse that its window allows
     * @param  ?int  $most  the latest
     * @param  list<int>  $looks
     * @param  list<array{on: int, off: int}>  $heat
     * @param  ?int  $again  two thirds are applied and what is mixed grows old: mix again
     * @param  int  $rinse  off, with everything that is rinsed together
     * @param  string  $group  which rinse that is
     * @param  int  $firstStrand  minutes that the first strand has had at the rinse
     * @param  int  $lastStrand  and the last
     * @param  ?int  $completeFrom  complete no earlier, for this rinse, or its longest time breaks
     * @param  ?int  $completeTo  complete no later, or its least time breaks
     * @param  int  $roundFrom  its round begins: what starts so many minutes into it counts from here
     * @param  ?int  $early  a rinse before this moment is asked about
     * @param  bool  $counts  its minutes count; not where it only stays under what is timed
     */
    public function __construct(
        public string $letter,
        public int $round,
        public ?int $mix,
        public int $begin,
        public int $complete,
        public int $clock,
        public ?int $due,
        public ?int $least,
        public ?int $most,
        public array $looks,
        public ?int $through,
        public array $heat,
        public ?int $emulsify,
        public ?int $again,
        public int $rinse,
        public string $group,
        public int $firstStrand,
        public int $lastStrand,
        public ?int $completeFrom,
        public ?int $completeTo,
        public bool $counts,
        public ?int $early,
        public int $roundFrom,
    ) {
    }

    /** Read off the moments that were found. */
    public static function of(TimedBowl $bowl, TimeModel $model, int $begin, int $rinse, int $roundFrom): self
    {
        $window = $bowl->worked();
        $complete = $begin + $model->applied($bowl);
        $clock = $begin + $model->clockAfter($bowl);
        $longest = $window === null ? null : ($bowl->firstStrandCounts ? $begin : $clock) + $window->most * 60;
        $after = ($bowl->firstStrandCounts ? $model->applied($bowl) : $complete - $clock);

        return new self(
            letter: $bowl->letter,
            round: $bowl->round,
            mix: $bowl->mixing === null ? null : ($bowl->happened->mixed ?? $begin - $bowl->mixing * 60),
            begin: $begin,
            complete: $complete,
            clock: $clock,
            due: $window === null ? null : $clock + $window->target * 60,
            least: $window === null ? null : $clock + $window->least * 60,
            most: $longest,
            looks: self::looks($bowl, $clock, $rinse, $longest),
            through: $bowl->through === null ? null : max($complete, $rinse - $bowl->through * 60),
            heat: self::heat($bowl, $clock),
            emulsify: $bowl->emulsify === null ? null : max($complete, $rinse - $bowl->emulsify * 60),
            again: self::again($bowl, $begin, $model->applied($bowl)),
            rinse: $rinse,
            group: $model->rinses->of($bowl),
            firstStrand: self::minutes($rinse - $begin),
            lastStrand: self::minutes($rinse - $complete),
            completeFrom: $window === null ? null : $rinse - $window->most * 60 + $after,
            completeTo: $window === null ? null : $rinse - $window->least * 60 + ($complete - $clock),
            counts: $model->counts($bowl),
            roundFrom: $roundFrom,
            early: $window === null || ! $model->counts($bowl) || $bowl->stays()
                ? null
                : $clock + Number::EarlyRinse->value()
                    ->times(Fraction::of($window->least * 60))
                    ->rounded(1, Rounding::Down),
        );
    }

    /** @return list<int> */
    private static function looks(TimedBowl $bowl, int $clock, int $rinse, ?int $longest): array
    {
        $looks = [];
        if ($bowl->lookFrom !== null) {
            $first = $bowl->happened->looked === null
                ? $clock + $bowl->lookFrom * 60
                : $bowl->happened->looked + $bowl->lookEvery * 60;
            for (
                $at = $first; $at <= max($rinse, $longest ?? $rinse)
                && count($looks) < 40; $at += $bowl->lookEvery * 60
            ) {
                $looks[] = $at;
            }
        }

        return $looks;
    }

    /** @return list<array{on: int, off: int}> */
    private static function heat(TimedBowl $bowl, int $clock): array
    {
        $phases = [];
        foreach ($bowl->heat as $phase) {
            if ($phase->with) {
                $phases[] = ['on' => $clock, 'off' => $clock + $phase->minutes * 60];
            }
            $clock += $phase->minutes * 60;
        }

        return $phases;
    }

    private static function again(TimedBowl $bowl, int $begin, int $applied): ?int
    {
        $old = $bowl->fresh !== null && $applied + ($bowl->mixing ?? 0) * 60 > $bowl->fresh * 60;

        return $old ? $begin + intdiv($applied * 2, 3) : null;
    }

    public static function minutes(int $seconds): int
    {
        return intdiv($seconds + 30, 60);
    }
}
