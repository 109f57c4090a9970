<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Pour;
use Core\Practice\PourMiss;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Units\Strength;
use Core\Weighing\Batch as WeighedBatch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchEventKind;
use Core\Weighing\BatchPlan;
use Core\Weighing\BatchStatus;
use Core\Weighing\PlannedLine;
use Core\Weighing\PourRefused;
use Core\Weighing\PourSource;
use Core\Weighing\SteerBack;
use Core\Weighing\Tolerance;
use Illuminate\Database\Eloquent\Collection;

/** A batch's rows and the core's batch: the plan as frozen when weighing began, and its events. */
final class BatchRows
{
    /** How many batches were replayed. */
    public int $replays = 0;

    /** @var array<string, WeighedBatch> by batch and how far it has come */
    private array $weighed = [];

    public function weighed(Batch $batch): WeighedBatch
    {
        $key = self::key($batch);
        if (! isset($this->weighed[$key])) {
            $this->replays++;
            $this->weighed[$key] = WeighedBatch::replay(
                $this->plan($batch->plan),
                $batch->pours->map($this->event(...))->all(),
            );
        }

        return $this->weighed[$key];
    }

    /** What has been worked already of a batch with all its pours. */
    public function worked(Batch $batch, WeighedBatch $weighed): void
    {
        $this->weighed[self::key($batch)] = $weighed;
    }

    /** Which batch, and how far it has come. */
    private static function key(Batch $batch): string
    {
        return "{$batch->id} {$batch->pours->count()} {$batch->pours->last()?->id}";
    }

    /** @return array<string, Grams> what went into a bowl over all its finished batches, by product id */
    public function pouredInto(Bowl $bowl): array
    {
        return $this->sums($bowl, fn (WeighedBatch $batch): array => $batch->poured);
    }

    /** @return array<string, Grams> what of that was not planned */
    public function addedInto(Bowl $bowl): array
    {
        return $this->sums($bowl, fn (WeighedBatch $batch): array => $batch->added());
    }

    /**
     * What went in, over all finished batches, in the order it is poured: by its label, with the part of the ratio it
     * is in.
     *
     * @return list<array{label: string, part: ?int, grams: Grams}>
     */
    public function pouredLines(Bowl $bowl): array
    {
        $lines = [];
        foreach ($this->finished($bowl) as $batch) {
            foreach ($this->weighed($batch)->plan->lines as $line) {
                $grams = $this->weighed($batch)->poured[$line->key] ?? Grams::zero();
                $lines[$line->key] = [
                    'label' => $line->label, 'part' => $line->part,
                    'grams' => isset($lines[$line->key]) ? $lines[$line->key]['grams']->plus($grams) : $grams,
                ];
            }
        }

        return array_values(array_filter($lines, static fn (array $line): bool => ! $line['grams']->isZero()));
    }

    /** Whether every finished batch of a bowl came out as it was planned. */
    public function followsPlan(Bowl $bowl): bool
    {
        return $this->finished($bowl)->every(fn (Batch $batch): bool => $this->weighed($batch)->followsPlan());
    }

    /** Whether every finished batch of a bowl is the formula that was planned, in whatever amount. */
    public function keepsProportion(Bowl $bowl): bool
    {
        return $this->finished($bowl)->every(fn (Batch $batch): bool => $this->weighed($batch)->keepsProportion());
    }

    /** Where a bowl was split into batches, in grams: 150 g, 75 g × 1/2. */
    public function split(Bowl $bowl): string
    {
        return $this->finished($bowl)->map(function (Batch $batch): string {
            $said = (string) ($batch->plan['said'] ?? '');

            return $batch->mixed_cg->text().($said === '' || $said === 'by eye' ? '' : " ({$said})");
        })->implode(', ');
    }

    /** @return Collection<int, Batch> */
    public function finished(Bowl $bowl): Collection
    {
        return $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)->values();
    }

    /**
     * @param  callable(WeighedBatch): array<string, Grams>  $amounts
     * @return array<string, Grams>
     */
    private function sums(Bowl $bowl, callable $amounts): array
    {
        $sums = [];
        foreach ($bowl->batches as $batch) {
            foreach (
                $batch->status === BatchStatus::Finished ? $amounts($this->weighed($batch)) : [] as $key => $grams
            ) {
                $sums[$key] = isset($sums[$key]) ? $sums[$key]->plus($grams) : $grams;
            }
        }

        return $sums;
    }

    /**
     * @param  string  $said  what is different about this batch: half, at 30 vol
     * @return array<string, mixed> what the plan column holds
     */
    public function planJson(BatchPlan $plan, string $said = ''): array
    {
        return [
            'said' => $said,
            'step_cg' => $plan->step->value,
            'miss' => [
                $plan->tolerance->miss->below10->centigrams,
                $plan->tolerance->miss->to60->centigrams,
                "{$plan->tolerance->miss->above60->numerator}/{$plan->tolerance->miss->above60->denominator}",
            ],
            'ratio' => $plan->ratio === null ? null : array_map(self::fraction(...), $plan->ratio),
            'lines' => array_map($this->lineJson(...), $plan->lines),
        ];
    }

    public function event(Pour $pour): BatchEvent
    {
        $grams = $pour->grams_cg ?? Grams::zero();

        return match ($pour->kind) {
            BatchEventKind::Tared => BatchEvent::tared($grams, $pour->reading_cg, $pour->vessel ?? ''),
            BatchEventKind::Poured => BatchEvent::poured($pour->line ?? '', $grams, $pour->source ?? PourSource::Hand),
            BatchEventKind::Added => BatchEvent::added(
                $pour->line ?? '',
                $pour->added['label'] ?? '',
                $pour->added['part'] ?? null,
                $this->strength($pour->added['volume'] ?? null),
            ),
            BatchEventKind::KeptProportion => BatchEvent::keptProportion(),
            BatchEventKind::Steered => $this->steered($pour->added ?? []),
            BatchEventKind::AcceptedOver => BatchEvent::acceptedOver(),
            BatchEventKind::AcceptedShort => BatchEvent::acceptedShort($pour->line ?? ''),
            BatchEventKind::Discarded => BatchEvent::discarded($pour->reason ?? ''),
            BatchEventKind::CarriedOn => BatchEvent::carriedOn($pour->reading_cg ?? 0, $pour->grams_cg),
            BatchEventKind::Withdrawn => BatchEvent::withdrawn(),
            BatchEventKind::Moved => BatchEvent::moved($grams, $pour->reading_cg ?? 0, $pour->vessel ?? ''),
            BatchEventKind::Undone => BatchEvent::undone(),
            BatchEventKind::Finished => BatchEvent::finished(),
            BatchEventKind::WeighedBack => BatchEvent::weighedBack($grams),
        };
    }

    /** @return array<string, mixed> what the row of a steered over-pour holds */
    public function steeredJson(SteerBack $steer): array
    {
        return [
            'targets' => array_map(static fn (Grams $grams): int => $grams->centigrams, $steer->targets),
            'lines' => array_map($this->lineJson(...), $steer->lines),
        ];
    }

    /** @param  array<string, mixed>  $json */
    private function steered(array $json): BatchEvent
    {
        return BatchEvent::steered(
            array_map(static fn (int $centigrams): Grams => Grams::ofCentigrams($centigrams), $json['targets'] ?? []),
            array_values(array_map($this->line(...), $json['lines'] ?? [])),
        );
    }

    /** @param  ?string  $volume  an exact fraction: 20/1 */
    private function strength(?string $volume): ?Strength
    {
        return $volume === null ? null : Strength::ofVolume(Fraction::parse($volume));
    }

    /** @param  array<string, mixed>  $plan  as it was frozen when weighing began */
    public static function tolerance(array $plan): Tolerance
    {
        return Tolerance::of(PourMiss::of(
            Grams::ofCentigrams($plan['miss'][0]),
            Grams::ofCentigrams($plan['miss'][1]),
            Fraction::parse($plan['miss'][2]),
        ));
    }

    /** @param  array<string, mixed>  $json */
    private function plan(array $json): BatchPlan
    {
        $lines = array_values(array_map($this->line(...), $json['lines']));

        return new BatchPlan(
            $lines === [] ? throw PourRefused::nothingPlanned() : $lines,
            ScaleStep::from($json['step_cg']),
            self::tolerance($json),
            isset($json['ratio']) ? array_values(array_map(Fraction::parse(...), $json['ratio'])) : null,
        );
    }

    /** @return array<string, mixed> */
    private function lineJson(PlannedLine $line): array
    {
        return [
            'key' => $line->key,
            'label' => $line->label,
            'part' => $line->part,
            'target_cg' => $line->target->centigrams,
            'open' => $line->open,
            'volume' => $line->strength === null ? null : self::fraction($line->strength->volume),
            'said' => $line->said,
            'share' => $line->share === null ? null : self::fraction($line->share),
        ];
    }

    /** @param  array<string, mixed>  $line */
    private function line(array $line): PlannedLine
    {
        return new PlannedLine(
            key: $line['key'],
            label: $line['label'],
            part: $line['part'],
            target: Grams::ofCentigrams($line['target_cg']),
            strength: $this->strength($line['volume']),
            open: $line['open'] ?? false,
            said: $line['said'] ?? '',
            share: isset($line['share']) ? Fraction::parse($line['share']) : null,
        );
    }

    private static function fraction(Fraction $exact): string
    {
        return "{$exact->numerator}/{$exact->denominator}";
    }
}
