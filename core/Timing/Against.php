<?php

declare(strict_types=1);

namespace Core\Timing;

/**
 * What was meant for a bowl, on the clock on which it happened: both count from the first touch of the visit, so that a
 * visit that began late is late by nothing but its beginning.
 */
final readonly class Against
{
    /**
     * @param  int  $begin  seconds from where what happened counts; likewise the rest
     * @param  int  $firstStrand  minutes
     * @param  int  $lastStrand  minutes
     * @param  ?int  $begunLate  minutes; less than none where it was early, null where it has not happened
     * @param  ?int  $appliedLonger  minutes that applying it took beyond what was meant
     * @param  ?int  $rinsedLate  minutes
     */
    private function __construct(
        public string $letter,
        public int $begin,
        public int $complete,
        public int $rinse,
        public int $firstStrand,
        public int $lastStrand,
        public ?int $begunLate,
        public ?int $appliedLonger,
        public ?int $rinsedLate,
    ) {
    }

    /**
     * @return array<string, self> by letter; nothing of a visit in which nothing has been begun, nor of a bowl that was
     *     not meant
     */
    public static function of(TimedVisit $visit): array
    {
        $begun = array_filter(
            array_map(static fn (TimedBowl $bowl): ?int => $bowl->happened->began, $visit->bowls),
            is_int(...),
        );
        if ($begun === []) {
            return [];
        }
        $meant = TimePlan::of($visit->asMeant());
        $first = array_map(static fn (BowlTimes $times): int => $times->begin, $meant->bowls);
        $from = $first === [] ? 0 : min($begun) - min($first);
        $against = [];
        foreach ($meant->bowls as $times) {
            $bowl = $visit->bowl($times->letter);
            if ($bowl !== null) {
                $against[$times->letter] = self::bowl($bowl->happened, $times, $from);
            }
        }

        return $against;
    }

    private static function bowl(Happened $happened, BowlTimes $meant, int $from): self
    {
        $minutes = static fn (?int $was, int $should): ?int => $was === null
            ? null
            : ($was < $should ? -1 : 1) * BowlTimes::minutes(abs($was - $should));
        $applied = $happened->began === null || $happened->completed === null
            ? null
            : $happened->completed - $happened->began;

        return new self(
            letter: $meant->letter,
            begin: $meant->begin + $from,
            complete: $meant->complete + $from,
            rinse: $meant->rinse + $from,
            firstStrand: $meant->firstStrand,
            lastStrand: $meant->lastStrand,
            begunLate: $minutes($happened->began, $meant->begin + $from),
            appliedLonger: $minutes($applied, $meant->complete - $meant->begin),
            rinsedLate: $minutes($happened->rinsed, $meant->rinse + $from),
        );
    }
}
