<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use Carbon\CarbonImmutable;
use Core\Fact;
use Core\Shelf\LineKind;
use Core\Timing\ClockState;
use Core\Timing\Freshness;

/** Whether a bowl is mixed long before its turn comes: said at mixing, when it can still wait. */
final readonly class TurnRows
{
    public function __construct(private ClockRows $clocks)
    {
    }

    /** Null where it may be mixed. */
    public function early(Bowl $bowl): ?Fact
    {
        $visit = $bowl->round->visit;
        $now = CarbonImmutable::now();
        $ahead = [];
        foreach ($visit->rounds()->with('bowls.stamps', 'bowls.colourLine')->get() as $round) {
            if ($round->position >= $bowl->round->position) {
                continue;
            }
            $minutes = [];
            foreach ($round->bowls as $other) {
                $clock = $this->clocks->clock($other, $visit, $now);
                $minutes[] = match (true) {
                    in_array($clock->state, [ClockState::Rinsed, ClockState::SetAside], true) => 0,
                    $clock->due !== null => max(0, intdiv($clock->due - (int) $now->getTimestamp(), 60)),
                    default => (int) ($other->sheet['minutes'] ?? $other->colourLine->target_minutes),
                };
            }
            $ahead[] = $minutes;
        }
        $wait = Freshness::early(
            LineKind::tryFrom($bowl->colourLine->kind) ?? LineKind::Permanent,
            $ahead,
            $visit->rules(),
        );

        return $wait === null ? null : Fact::of('cautions.mixed-early', minutes: $wait);
    }
}
