<?php

declare(strict_types=1);

namespace App\Actions\Weighing;

use App\Actions\Safety\AskGate;
use App\Actions\Visits\LockVisit;
use App\Exceptions\VisitRefused;
use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Safety\Step;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Weighing\BatchPlan;
use Core\Weighing\BatchStatus;
use Core\Weighing\Tolerance;
use Illuminate\Database\DatabaseManager;

/** Freezes the bowl's plan and opens a batch of it. An open batch is resumed, never doubled. */
final readonly class StartBatch
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $bowls,
        private BatchRows $batches,
        private AskGate $gate,
    ) {
    }

    /**
     * @param  string  $times  as typed: 1/2, 2; empty for once
     * @param  string  $strength  a second batch one strength up; empty for the bowl's own
     * @param  array{foils: ?int, place: string, hands: string}  $serves  what it is for, where it is not all of the
     *     bowl's
     */
    public function __invoke(
        TeamMember $member,
        Bowl $bowl,
        string $id,
        CarbonImmutable $now,
        string $times = '',
        string $strength = '',
        array $serves = ['foils' => null, 'place' => '', 'hands' => ''],
    ): Batch {
        return $this->database->transaction(function () use (
            $member,
            $bowl,
            $id,
            $now,
            $times,
            $strength,
            $serves
        ): Batch {
            $visit = LockVisit::any($bowl->round->visit_id);
            $current = Bowl::query()->lockForUpdate()->findOrFail($bowl->id);
            $existing = Batch::query()->find($id);
            if ($existing !== null) {
                return $existing->bowl_id === $bowl->id ? $existing : throw VisitRefused::idTaken();
            }
            $open = $current->batches->first(fn (Batch $batch): bool => $batch->status->isOpen());
            if ($open !== null) {
                return $open;
            }
            if ($visit->status->isOver()) {
                throw VisitRefused::closed();
            }
            ($this->gate)(Step::Weigh, $current, $visit, CarbonImmutable::now());
            [$plan, $said] = $this->plan($current, $times, $strength);

            return Batch::query()->create([
                'id' => $id, 'bowl_id' => $current->id, 'number' => (int) Batch::query()
                    ->where('bowl_id', $current->id)
                    ->max('number') + 1,
                'plan' => $this->batches->planJson($plan, self::said($said, $serves)) + ['serves' => $serves],
                'status' => BatchStatus::Weighing, 'mixed_cg' => Grams::zero(), 'used_cg' => Grams::zero(),
                'started_by' => $member->id, 'started_at' => $now,
            ])->refresh();
        });
    }

    /** @param  array{foils: ?int, place: string, hands: string}  $serves */
    private static function said(string $said, array $serves): string
    {
        return implode(', ', array_filter([
            $said,
            $serves['foils'] === null ? '' : "{$serves['foils']} foils",
            $serves['place'],
            $serves['hands'],
        ], static fn (string $each): bool => $each !== ''));
    }

    /** @return array{BatchPlan, string} and what is different about it, in words */
    private function plan(Bowl $bowl, string $times, string $strength): array
    {
        $visit = $bowl->round->visit;
        $rules = $visit->rules();
        $shelf = $this->shelves->forVisit($visit);
        $sheet = $this->bowls->sheet($bowl, $shelf);
        $said = $sheet->bowl === null ? ['by eye'] : [];
        if ($strength !== '') {
            $sheet = ApplyChange::to(
                $sheet,
                new Change(ChangeKind::Strength, $sheet->letter, $strength),
                $shelf,
                $rules,
            );
            $said[] = "at {$strength}";
        }
        $plan = BatchPlan::of($sheet->known($rules->step), Tolerance::of($rules->pourMiss), $sheet->ratio);
        if ($times !== '') {
            $factor = Fraction::parse($times);
            if ($factor->compare(Fraction::of(1, 20)) < 0 || $factor->compare(Fraction::of(10)) > 0) {
                throw VisitRefused::badTimes($times);
            }
            $plan = $plan->times($factor);
            $said[] = "× {$times}";
        }

        return [$plan, implode(', ', $said)];
    }
}
