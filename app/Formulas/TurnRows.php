<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use Core\Fact;
use Core\Shelf\LineKind;
use Core\Timing\Freshness;

/** Whether a bowl is mixed long before its turn comes: said at mixing, when it can still wait. */
final readonly class TurnRows
{
    public function __construct(private VisitTimes $times)
    {
    }

    /** Null where it may be mixed. */
    public function early(Bowl $bowl): ?Fact
    {
        $visit = $bowl->round->visit;
        $until = $this->times->of($visit)->until(trim($bowl->letter));
        $wait = $until === null ? null : Freshness::early(
            LineKind::tryFrom($bowl->colourLine->kind) ?? LineKind::Permanent,
            intdiv($until, 60),
            $visit->rules(),
        );

        return $wait === null ? null : Fact::of('cautions.mixed-early', minutes: $wait);
    }
}
