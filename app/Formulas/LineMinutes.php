<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Visit;
use Core\CoreException;
use Core\Judgement\Cautions;
use Core\Shelf\Line;

/** The minutes of a bowl's line, as they stood at its visit and at its own strength. */
final readonly class LineMinutes
{
    public function __construct(private SalonShelf $shelves, private BowlRows $rows)
    {
    }

    /** @return array{min: int, target: int, max: int} */
    public function of(Bowl $bowl, Visit $visit): array
    {
        $line = $this->shelves->at($visit)->line("line-{$bowl->colour_line_id}")
            ?? LineJson::line($bowl->colourLine, $visit->rules());

        return $line->windows === [] ? $line->window : $this->atStrength($bowl, $visit, $line);
    }

    /** @return array{min: int, target: int, max: int} */
    private function atStrength(Bowl $bowl, Visit $visit, Line $line): array
    {
        try {
            $sheet = $this->rows->sheet($bowl, $this->shelves->forVisit($visit));

            return $line->windowAt(Cautions::strength($this->rows->known($sheet, $visit->rules())));
        } catch (CoreException) {
            // Of a bowl that contradicts itself no strength is known.
            return $line->window;
        }
    }
}
