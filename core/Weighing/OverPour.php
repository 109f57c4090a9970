<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Grams;

/**
 * What went over its target cannot be taken out again: what keeping the proportion asks for, and what taking it as it
 * is changes (common practice, no source). Throwing the bowl away is the third way, and costs it whole.
 */
final readonly class OverPour
{
    /**
     * @param  Grams  $by  beyond the target
     * @param  Grams  $total  what the bowl comes to where the proportion is kept
     * @param  Grams  $extra  of that, beyond what it was to be
     * @param  list<array{line: PlannedLine, grams: Grams, topUp: bool}>  $toPour  still, to keep the proportion; a
     *     top-up goes onto what is in the bowl already
     * @param  Outcome  $planned  as weighing began
     * @param  Outcome  $taken  where it is taken as it is, and every other line meets its target
     */
    private function __construct(
        public PlannedLine $line,
        public Grams $by,
        public Grams $total,
        public Grams $extra,
        public array $toPour,
        public Outcome $planned,
        public Outcome $taken,
    ) {
    }

    /** Null where nothing waits for a choice. */
    public static function of(Batch $batch): ?self
    {
        $line = $batch->over();
        if ($line === null) {
            return null;
        }
        $kept = $batch->proportionKept();
        $toPour = [];
        foreach ($batch->plan->lines as $each) {
            $grams = $kept->left($each->key);
            if (! $grams->isZero()) {
                $toPour[] = ['line' => $each, 'grams' => $grams, 'topUp' => ! $kept->poured[$each->key]->isZero()];
            }
        }

        return new self(
            line: $line,
            by: $batch->poured[$line->key]->lessAtMost($batch->target($line->key)),
            total: $kept->targetTotal(),
            extra: $kept->targetTotal()->lessAtMost($batch->targetTotal()),
            toPour: $toPour,
            planned: Outcome::planned($batch->plan),
            taken: $batch->outcome(),
        );
    }
}
