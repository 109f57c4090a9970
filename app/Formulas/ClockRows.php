<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Stamp as StampRow;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadDetails;
use Core\Practice\ClockStart;
use Core\Timing\BowlClock;
use Core\Timing\Stamp;

/** A bowl's marks as the core's clock. */
final class ClockRows
{
    /** @param  ?string  $batch  of a batch that has a clock of its own; null for the bowl's */
    public function clock(
        Bowl $bowl,
        Visit $visit,
        CarbonImmutable $now,
        ?Stamp $more = null,
        ?string $batch = null,
    ): BowlClock {
        $stamps = array_values($bowl->stamps->where('batch_id', $batch)->map(fn (StampRow $stamp): Stamp => new Stamp(
            $stamp->kind,
            (int) $stamp->stamped_at->getTimestamp(),
        ))->all());
        [$minutes, $most] = ReadDetails::minutes(new JsonNode($bowl->sheet['minutes'] ?? null, '', new ProblemList));
        $start = ClockStart::tryFrom((string) ($bowl->sheet['clock'] ?? '')) ?? $visit->colourist->salon->rules()->clockStart;

        return BowlClock::of(
            $more === null ? $stamps : [...$stamps, $more],
            $minutes ?? $bowl->colourLine->target_minutes,
            $most ?? $bowl->colourLine->max_minutes,
            $start,
            (int) $now->getTimestamp(),
        );
    }
}
