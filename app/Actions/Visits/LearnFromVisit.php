<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
use App\Formulas\CanvasRows;
use App\Formulas\DoneBowls;
use App\Models\Observation;
use App\Models\Visit;
use Core\CoreException;
use Core\Judgement\Observed;
use Core\Service\Calibration;
use Core\Units\Fraction;
use Core\Units\Rounding;

/** Works what a closed visit teaches, once; anew where it is corrected, or where the model has become another. */
final readonly class LearnFromVisit
{
    /** Of the model that what was learnt was expected by; raised when it changes. */
    public const MODEL = 1;

    /** A thousand times what was expected is a slip of the pen. */
    private const MOST = 100_000;

    public function __construct(private CanvasRows $canvases, private DoneBowls $done)
    {
    }

    public function __invoke(Visit $visit): void
    {
        Observation::query()->where('visit_id', $visit->id)->delete();
        if ($visit->status === VisitStatus::Closed && ! $visit->client->training) {
            foreach ($this->observed($visit) as $observed) {
                Observation::query()->create([
                    'salon_id' => $visit->salon_id,
                    'client_id' => $visit->client_id,
                    'visit_id' => $visit->id,
                    'colour_line_id' => (int) substr($observed->line, strlen('line-')),
                    'kind' => $observed->kind->value,
                    'lift_hundredths' => self::hundredths($observed->lift()),
                    'hold_hundredths' => self::hundredths($observed->hold()),
                    'warmer_hundredths' => self::hundredths($observed->warmer),
                    'seen_at' => $visit->starts_at,
                ]);
            }
        }
        Visit::query()->whereKey($visit->id)->toBase()->update(['learnt' => self::MODEL]);
    }

    /** All closed visits that nobody has learnt from yet. */
    public function all(): int
    {
        $many = 0;
        Visit::query()->where('status', VisitStatus::Closed)->where('learnt', '!=', self::MODEL)
            ->with(['canvas', 'rounds.bowls.stamps', 'colourist.salon', 'client'])
            ->lazyById(50)->each(function (Visit $visit) use (&$many): void {
                ($this)($visit);
                $many++;
            });

        return $many;
    }

    /** @return list<Observed> */
    private function observed(Visit $visit): array
    {
        try {
            return Calibration::of(
                $this->canvases->canvas($visit),
                $this->canvases->results($visit),
                $this->done->of($visit),
                $this->canvases->reached($visit),
            );
        } catch (CoreException) {
            // A record of an earlier day that this release reads otherwise teaches nothing; it is shown as it is.
            return [];
        }
    }

    private static function hundredths(?Fraction $value): ?int
    {
        return $value === null ? null : max(
            -self::MOST,
            min(self::MOST, $value->times(Fraction::of(100))->rounded(1, Rounding::HalfUp)),
        );
    }
}
