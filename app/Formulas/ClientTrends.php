<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\Visit;
use Core\Record\Trend;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;

/** What a client's jobs have come to over the visits: grams used, strength, level of the bowl. */
final readonly class ClientTrends
{
    private const VISITS = 12;

    /** Jobs with fewer visits say nothing yet. */
    private const LEAST = 3;

    public function __construct(private VisitBowls $bowls, private PastStanding $past)
    {
    }

    /** @return list<array{job: string, trends: list<Trend>}> */
    public function of(Client $client): array
    {
        $past = array_values($client->visits()->where('status', VisitStatus::Closed)->limit(self::VISITS)->get(['id'])
            ->map(fn (Visit $each): string => $each->id)->all());

        return array_values($this->past->of('trends', $client->salon_id, $past, fn (): array => $this->work($past)));
    }

    /**
     * @param  list<string>  $past  ids of visits
     * @return list<array{job: string, trends: list<Trend>}>
     */
    private function work(array $past): array
    {
        $jobs = [];
        $visits = Visit::query()->whereKey($past)->orderBy('starts_at')
            ->with(['rounds.bowls.batches', 'rounds.bowls.stamps', 'colourist.salon'])->get();
        foreach ($visits as $visit) {
            $placed = [];
            foreach ($this->bowls->placed($visit) as $each) {
                $placed[$each->sheet->letter] = $each;
            }
            foreach ($visit->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
                $this->add($jobs, $bowl, $visit, $placed[trim($bowl->letter)] ?? null);
            }
        }
        $found = [];
        foreach ($jobs as $job => $series) {
            if (count($series['used']) >= self::LEAST) {
                $found[] = ['job' => (string) $job, 'trends' => array_values(array_filter([
                    Trend::of('Used', 'g', $series['used']),
                    Trend::of('Strength', 'vol', $series['strength'] ?? []),
                    Trend::of('Level', '', $series['level'] ?? []),
                ], fn (Trend $trend): bool => $trend->points !== []))];
            }
        }

        return $found;
    }

    /** @param  array<string, array<string, list<array{at: string, value: Fraction}>>>  $jobs */
    private function add(array &$jobs, Bowl $bowl, Visit $visit, ?\Core\Service\PlacedBowl $placed): void
    {
        $finished = $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished);
        if ($finished->isEmpty() || $bowl->isSetAside()) {
            return;
        }
        $at = $visit->starts_at->toIso8601String();
        $used = Grams::sum($finished->map(fn (Batch $batch): Grams => $batch->used_cg)->all());
        $jobs[$bowl->job]['used'][] = ['at' => $at, 'value' => Fraction::of($used->centigrams, 100)];
        if ($placed?->strength !== null) {
            $jobs[$bowl->job]['strength'][] = ['at' => $at, 'value' => $placed->strength->volume];
        }
        if ($placed?->mix?->level !== null) {
            $jobs[$bowl->job]['level'][] = ['at' => $at, 'value' => $placed->mix->level];
        }
    }
}
