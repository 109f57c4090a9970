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
                    visit: $visit->id,
                    person: $person,
                    from: $times->origin + $bowl->begin,
                    to: $times->origin + $bowl->complete,
                    kind: ActKind::Begin,
                    letters: $bowl->letter,
                    fixed: $times->onHair,
                );
            }
            $rinses[$bowl->rinse][] = $bowl->letter;
        }
        foreach ($rinses as $at => $letters) {
            $hands[] = new InHand(
                visit: $visit->id,
                person: $visit->colourist->name,
                from: $times->origin + $at,
                to: $times->origin + $at + Number::WashMinutes->whole() * 60,
                kind: ActKind::Rinse,
                letters: implode(', ', $letters),
                fixed: $times->onHair,
            );
        }

        return $hands;
    }
}
