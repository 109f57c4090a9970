<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Visit;
use Core\Practice\Number;
use Core\Timing\ActKind;
use Core\Timing\InHand;

/** When a visit needs whose hands, as its plan has it. */
final readonly class HandsOfDay
{
    public function __construct(private VisitTimes $times)
    {
    }

    /** @return list<InHand> */
    public function of(Visit $visit): array
    {
        if ($visit->status->isOver()) {
            return [];
        }
        $times = $this->times->of($visit);
        $hands = [];
        $rinses = [];
        foreach ($times->plan->bowls as $bowl) {
            $timed = $times->timed->bowl($bowl->letter);
            if ($timed === null || $timed->happened->rinsed !== null) {
                continue;
            }
            $people = $timed->hands === [] ? [$visit->colourist->name] : $timed->hands;
            foreach ($timed->happened->completed === null ? $people : [] as $person) {
                $hands[] = new InHand(
                    $visit->id,
                    $person,
                    $times->origin + $bowl->begin,
                    $times->origin + $bowl->complete,
                    ActKind::Begin,
                    $bowl->letter,
                    $times->onHair,
                );
            }
            $rinses[$bowl->rinse][] = $bowl->letter;
        }
        foreach ($rinses as $at => $letters) {
            $hands[] = new InHand(
                $visit->id,
                $visit->colourist->name,
                $times->origin + $at,
                $times->origin + $at + Number::WashMinutes->whole() * 60,
                ActKind::Rinse,
                implode(', ', $letters),
                $times->onHair,
            );
        }

        return $hands;
    }
}
