<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
use App\Formulas\CanvasRows;
use App\Formulas\LearntRows;
use App\Formulas\VisitBowls;
use App\Models\ForetoldRow;
use App\Models\Observation;
use App\Models\Visit;
use Core\CoreException;
use Core\Judgement\Learnt;
use Core\Judgement\Observed;
use Core\Service\Calibration;
use Core\Service\Foretold;
use Core\Units\Fraction;
use Core\Units\Rounding;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Eloquent\Builder;

/** Works what a closed visit teaches, once; anew where it is corrected, or where the model has become another. */
final readonly class LearnFromVisit
{
    /** Of the model that what was learnt was expected by; raised when it changes. */
    public const MODEL = 2;

    /** Visits that are read at once. */
    private const AT_ONCE = 50;

    /** A thousand times what was expected is a slip of the pen. */
    private const MOST = 100_000;

    public function __construct(
        private CanvasRows $canvases,
        private VisitBowls $bowls,
        private LearntRows $learnt,
        private DatabaseManager $database,
    ) {
    }

    public function __invoke(Visit $visit): void
    {
        Observation::query()->where('visit_id', $visit->id)->delete();
        ForetoldRow::query()->where('visit_id', $visit->id)->delete();
        if ($visit->status === VisitStatus::Closed && ! $visit->client->training) {
            foreach ($this->observed($visit) as $observed) {
                Observation::query()->create([
                    'salon_id' => $visit->salon_id,
                    'client_id' => $visit->client_id,
                    'visit_id' => $visit->id,
                    'colour_line_id' => (int) substr($observed->line, strlen('line-')),
                    'kind' => $observed->kind->value,
                    'alike' => $observed->alike,
                    'lift_hundredths' => self::hundredths($observed->lift()),
                    'deeper_hundredths' => self::hundredths($observed->deeper),
                    'warmer_hundredths' => self::hundredths($observed->warmer),
                    'redder_hundredths' => self::hundredths($observed->redder),
                    'seen_at' => $visit->starts_at,
                ]);
            }
            $this->foretell($visit);
        }
        Visit::query()->whereKey($visit->id)->toBase()->update(['learnt' => self::MODEL]);
    }

    /**
     * Closed visits that nobody has learnt from yet, or only by an earlier model.
     *
     * @param  ?int  $latest  no more than so many, the latest of them; null for all
     * @return int how many that were
     */
    public function all(?int $latest = null): int
    {
        $many = 0;
        $waiting = fn () => Visit::query()->where('status', VisitStatus::Closed)->where('learnt', '!=', self::MODEL);
        $from = $latest === null ? null : $waiting()->orderByDesc('starts_at')->orderByDesc('id')->skip($latest - 1)
            ->first(['id', 'starts_at']);
        do {
            // What was learnt from waits no longer: what is asked for is always the first page.
            $visits = $waiting()->with(['canvas', 'rounds.bowls.stamps', 'colourist.salon', 'client'])
                ->when($from !== null, fn (Builder $query) => $query->where(
                    fn (Builder $near) => $near->where('starts_at', '>', $from?->starts_at)
                        ->orWhere(fn (Builder $same) => $same->where('starts_at', $from?->starts_at)->where('id', '>=', $from?->id)),
                ))
                // In the order of time: each is foretold from those before it.
                ->orderBy('starts_at')->orderBy('id')->limit(self::AT_ONCE)->get();
            foreach ($visits as $visit) {
                $this->database->transaction(fn () => ($this)($visit));
                $many++;
            }
        } while ($visits->isNotEmpty());

        return $many;
    }

    /** How far off it would have been: by the table, with the house's visits, with the client's own. */
    private function foretell(Visit $visit): void
    {
        [$canvas, $results] = [$this->canvases->canvas($visit), $this->canvases->results($visit)];
        foreach ([
            'table' => new Learnt,
            'house' => $this->learnt->houseBefore($visit),
            'client' => $this->learnt->before($visit),
        ] as $by => $learnt) {
            foreach (
                $this->unlessUnread(
                    fn (): array => Foretold::of($canvas, $results, $this->bowls->asTheyAre($visit), $learnt),
                ) as $foretold
            ) {
                ForetoldRow::query()->create([
                    'salon_id' => $visit->salon_id,
                    'visit_id' => $visit->id,
                    'zone' => $foretold->zone,
                    'by' => $by,
                    'levels_hundredths' => self::hundredths($foretold->levels),
                    'seen_hundredths' => self::hundredths($foretold->seen),
                    'seen_at' => $visit->starts_at,
                ]);
            }
        }
    }

    /**
     * @template T
     *
     * @param  callable(): list<T>  $work
     * @return list<T>
     */
    private function unlessUnread(callable $work): array
    {
        try {
            return $work();
        } catch (CoreException) {
            // A record of an earlier day that this release reads otherwise teaches nothing; it is shown as it is.
            return [];
        }
    }

    /** @return list<Observed> */
    private function observed(Visit $visit): array
    {
        return $this->unlessUnread(fn (): array => Calibration::of(
            $this->canvases->canvas($visit),
            $this->canvases->results($visit),
            $this->bowls->asTheyAre($visit),
            $this->canvases->reached($visit),
        ));
    }

    private static function hundredths(?Fraction $value): ?int
    {
        return $value === null ? null : max(
            -self::MOST,
            min(self::MOST, $value->times(Fraction::of(100))->rounded(1, Rounding::HalfUp)),
        );
    }
}
