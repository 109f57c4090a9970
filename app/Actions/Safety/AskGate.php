<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Exceptions\VisitRefused;
use App\Formulas\SafetyRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Safety\Step;

/**
 * The one door: may this bowl be weighed, begun, closed on this client now? To be asked under the visit's lock, of rows
 * that were read under it.
 */
final readonly class AskGate
{
    public function __construct(private SafetyRows $safety, private SalonShelf $shelves)
    {
    }

    /**
     * @param  Visit  $visit  locked
     * @param  string  $more  id of a product that is about to go in too
     *
     * @throws VisitRefused when it may not
     */
    public function __invoke(Step $step, Bowl $bowl, Visit $visit, CarbonImmutable $now, string $more = ''): void
    {
        $this->shelves->forget($visit->id);
        $letter = trim($bowl->letter);
        $reasons = $this->safety->gateOf($bowl, $visit, $now, $more)->refusing(
            $step,
            $this->safety->standing($bowl, $visit, $now),
            $letter,
        );
        if ($reasons !== []) {
            throw VisitRefused::at($step, $letter, $reasons);
        }
    }
}
