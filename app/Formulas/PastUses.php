<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\Verdict;
use App\Enums\VisitStatus;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\Visit;
use Core\Advice\PastUse;
use Core\Hair\Canvas;
use Core\Units\Grams;
use Core\Weighing\PlannedLine;

/**
 * What a client's bowls for the same job came to, visit by visit; and what such bowls took on such heads of the house.
 */
final class PastUses
{
    private const HOUSE_MOST = 60;

    /** Visits of the client's own: further back the hair was another. */
    private const OWN_MOST = 24;

    /** @var array<string, array<string, list<PastUse>>> by visit; in it by line and job */
    private array $own = [];

    public function __construct(
        private readonly BatchRows $batches,
        private readonly CanvasRows $canvases,
        private readonly PastStanding $past,
    ) {
    }

    /** @return list<PastUse> up to and with this bowl's own visit, oldest first */
    public function of(Bowl $bowl, Visit $visit): array
    {
        return $this->own($visit, $bowl->job, $bowl->colour_line_id);
    }

    /** @return list<PastUse> oldest first */
    public function own(Visit $visit, string $job, int $line): array
    {
        if (! isset($this->own[$visit->id])) {
            $past = array_values(Visit::query()->where('client_id', $visit->client_id)
                ->where('status', VisitStatus::Closed)->where('starts_at', '<=', $visit->starts_at)
                ->orderByDesc('starts_at')->limit(self::OWN_MOST)->get(['id'])
                ->map(fn (Visit $each): string => $each->id)->all());
            $work = fn (): array => $this->work($past);
            $this->own[$visit->id] = $this->past->of('uses', $visit->salon_id, $past, $work);
        }

        return $this->own[$visit->id]["{$line} {$job}"] ?? [];
    }

    /**
     * @param  list<string>  $past  ids of visits
     * @return array<string, list<PastUse>>
     */
    private function work(array $past): array
    {
        $found = [];
        $bowls = Bowl::query()->with(['batches.pours', 'stamps', 'round.visit'])
            ->whereIn('round_id', Round::query()->whereIn('visit_id', $past)->select('id'))
            ->get()->sortBy(fn (Bowl $each) => $each->round->visit->starts_at);
        foreach ($bowls as $bowl) {
            $use = $bowl->isSetAside() ? null : $this->use($bowl);
            if ($use !== null) {
                $found["{$bowl->colour_line_id} {$bowl->job}"][] = $use;
            }
        }

        return $found;
    }

    /**
     * Mixture that such bowls took on other heads as dense and as long.
     *
     * @return list<Grams>
     */
    public function house(Visit $visit, string $job, int $line, Canvas $head): array
    {
        if ($job === '') {
            return [];
        }
        $bowls = Bowl::query()->with(['batches', 'stamps', 'round.visit.canvas'])
            ->where('job', $job)->where('colour_line_id', $line)
            ->whereHas('round.visit', fn ($past) => $past->where('salon_id', $visit->salon_id)
                ->where('client_id', '!=', $visit->client_id)->where('status', VisitStatus::Closed)
                ->whereHas('client', fn ($client) => $client->where('training', false)))
            ->whereHas('batches', fn ($batch) => $batch->where('status', 'finished'))
            ->latest()->limit(self::HOUSE_MOST)->get();
        $used = $bowls
            ->filter(function (Bowl $bowl) use ($head): bool {
                $other = $this->canvases->canvas($bowl->round->visit);

                return ! $bowl->isSetAside()
                    && $other->density() === $head->density() && $other->length() === $head->length();
            })
            ->map(fn (Bowl $bowl): Grams => Grams::sum(
                $this->batches->finished($bowl)->map(fn (Batch $batch): Grams => $batch->used_cg)->all(),
            ))
            ->reject(fn (Grams $grams): bool => $grams->isZero());

        return array_values($used->all());
    }

    private function use(Bowl $bowl): ?PastUse
    {
        $colour = $mixed = $used = Grams::zero();
        foreach ($this->batches->finished($bowl) as $batch) {
            $weighed = $this->batches->weighed($batch);
            $asPlanned = $weighed->followsPlan();
            $colour = $colour->plus(Grams::sum(array_map(
                // A hand's small miss is no wish; what it took on purpose is.
                fn (PlannedLine $line): Grams => $line->part !== 0 ? Grams::zero()
                    : ($asPlanned && ! $line->open ? $line->target : $weighed->poured[$line->key]),
                $weighed->plan->lines,
            )));
            $mixed = $mixed->plus($batch->mixed_cg);
            $used = $used->plus($batch->used_cg);
        }
        if ($mixed->isZero()) {
            return null;
        }
        $visit = $bowl->round->visit;

        return PastUse::judged(
            colour: $colour, mixed: $mixed, used: $used, liked: $visit->verdict === Verdict::Good,
            lasting: $visit->lasting,
            covering: $visit->covering,
            bright: $visit->bright,
            words: "{$visit->outcome}. {$visit->change}",
            greyShown: $visit->grey_shown,
        );
    }
}
