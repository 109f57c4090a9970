<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Visit;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Record\DeriveBowl;

/** What a bowl really came to, over all its batches: what is read later is what was poured. */
final readonly class PouredBowls
{
    public function __construct(private SalonShelf $shelves, private BowlRows $rows, private BatchRows $batches)
    {
    }

    /**
     * Null where nothing of it was mixed, or where it came out as it was planned.
     *
     * @param  ?BowlSheet  $typed  the bowl as it is being changed: where it lies, how long; what went in went in
     */
    public function sheet(Bowl $bowl, Visit $visit, ?BowlSheet $typed = null): ?BowlSheet
    {
        $finished = $this->batches->finished($bowl);
        if ($finished->isEmpty() || $bowl->isSetAside()) {
            return null;
        }
        try {
            $shelf = $this->shelves->forVisit($visit);
            $sheet = $typed ?? $this->rows->sheet($bowl, $shelf);
            $asPlanned = $sheet->bowl !== null && $finished->count() === 1
                && $this->batches->followsPlan($bowl) && $this->batches->addedInto($bowl) === [];

            return $asPlanned ? null : DeriveBowl::from($sheet, $this->batches->pouredInto($bowl), $shelf);
        } catch (CoreException) {
            // The shelf does not know it any more: what was written of it stands.
            return null;
        }
    }
}
