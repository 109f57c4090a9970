<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\CoreException;
use Core\Service\PlacedBowl;

/** A visit's bowls as they really were: poured, and as long on the hair as was marked. */
final readonly class DoneBowls
{
    public function __construct(
        private SalonShelf $shelves,
        private BowlRows $rows,
        private PouredBowls $poured,
        private ClockRows $clocks,
    ) {
    }

    /** @return list<PlacedBowl> */
    public function of(Visit $visit): array
    {
        $rules = $visit->rules();
        $shelf = $this->shelves->forVisit($visit);
        $done = [];
        foreach ($visit->rounds as $at => $round) {
            foreach ($round->bowls as $bowl) {
                if ($bowl->isSetAside()) {
                    continue;
                }
                try {
                    $sheet = $this->poured->sheet($bowl, $visit) ?? $this->rows->sheet($bowl, $shelf);
                    $line = $shelf->line($sheet->line);
                    if ($line !== null) {
                        $done[] = PlacedBowl::of(
                            round: $at,
                            sheet: $sheet,
                            line: $line,
                            known: $this->rows->known($sheet, $rules),
                            rules: $rules,
                            processed: $this->clocks->clock($bowl, $visit, CarbonImmutable::now())->processed,
                        );
                    }
                } catch (CoreException) {
                    // The shelf does not know it any more, or it contradicts itself: it teaches nothing.
                    continue;
                }
            }
        }

        return PlacedBowl::sharing($done);
    }
}
