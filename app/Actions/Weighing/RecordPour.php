<?php

declare(strict_types=1);

namespace App\Actions\Weighing;

use App\Actions\Safety\AskGate;
use App\Actions\Stock\SettleStock;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BatchRows;
use App\Formulas\PackRows;
use App\Formulas\SalonShelf;
use App\Formulas\SteeringRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Pour;
use App\Models\ScaleZero;
use App\Models\TeamMember;
use App\Models\VesselRow;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Formula\Extra;
use Core\Formula\Leftover;
use Core\Safety\Step;
use Core\Shelf\ProductKind;
use Core\Units\Grams;
use Core\Weighing\Batch as WeighedBatch;
use Core\Weighing\BatchEventKind;
use Core\Weighing\PourRefused;
use Core\Weighing\PourSource;
use Core\Weighing\UnlikelyPour;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Adds one event to a batch. A repeated event finds itself and changes nothing;
 * one that was made against an older state is refused with the newer state. All of it is in the transaction of the
 * write that carries it.
 */
final readonly class RecordPour
{
    public function __construct(
        private BatchRows $rows,
        private SalonShelf $shelves,
        private AskGate $gate,
        private SteeringRows $steering,
        private SettleStock $settle,
        private PackRows $packs,
    ) {
    }

    /**
     * @param  Visit  $visit  the batch's, locked
     * @param  int  $after  the latest sequence the sender has seen; 0 for none
     * @param  bool  $sure  it was asked about, and said again
     */
    public function __invoke(
        TeamMember $member,
        Visit $visit,
        Batch $batch,
        Pour $pour,
        int $after,
        CarbonImmutable $now,
        bool $sure = true,
    ): Batch {
        $current = Batch::query()->lockForUpdate()->findOrFail($batch->id);
        $known = $current->pours->find($pour->id);
        if ($known !== null) {
            return $this->same($known, $pour) ? $current : throw EditedElsewhere::reusedId($current);
        }
        if ($pour->kind === BatchEventKind::Poured) {
            // Grams need nothing of the bowl but what it is called.
            $batch->bowl->round->setRelation('visit', $visit);
            $current->setRelation('bowl', $batch->bowl);
        }
        $latest = (int) $current->pours->max('sequence');
        if ($after !== $latest) {
            throw EditedElsewhere::batch($current);
        }
        if ($visit->status->isOver()) {
            throw VisitRefused::closed();
        }
        // Grams that were poured are in the bowl and go on the record, whatever the gate says by now: it stands
        // before the weighing, before what is named to go in beside the plan, and before the first touch.
        if ($pour->kind === BatchEventKind::Added) {
            ($this->gate)(Step::Weigh, $current->bowl, $visit, CarbonImmutable::now(), $pour->line ?? '');
            $pour->added = $this->named($pour->line ?? '', $current->bowl);
        }
        $before = $this->rows->weighed($current);
        if ($pour->kind === BatchEventKind::Steered) {
            $pour->added = $this->rows->steeredJson(
                $this->steering->of($current, $before) ?? throw PourRefused::cannotSteer(),
            );
        }
        $this->checkScale(
            before: $before,
            pour: $pour,
            batch: $current,
            salon: $visit->salon_id,
            now: $now,
            sure: $sure,
        );
        $weighed = $before->after($this->rows->event($pour));
        if (
            ! $before->status->isOpen() && $weighed->status->isOpen()
            && $current->bowl->batches->contains(
                fn (Batch $each): bool => $each->id !== $current->id
                && $each->status->isOpen(),
            )
        ) {
            throw PourRefused::anotherOpen();
        }
        $this->moveScale($before, $pour, $current, $now, $member->salon_id);
        try {
            $pour->fill([
                'batch_id' => $current->id,
                'sequence' => $latest + 1,
                'team_member_id' => $member->id,
                'poured_at' => $now,
                'arrived_at' => CarbonImmutable::now(),
            ])->save();
        } catch (UniqueConstraintViolationException $taken) {
            // A pour of another batch has its id; or another machine's has its place: a race that was lost.
            throw Pour::query()->whereKey($pour->id)->exists() ? EditedElsewhere::reusedId($current) : $taken;
        }
        ($this->settle)($current, $weighed, $member, $now);
        // While it is being weighed, what is in it stands in its pours alone: nothing that only shows how far a bowl
        // has come is another after each of them.
        $current->fill($weighed->status->isOpen() ? ['status' => $weighed->status, 'finished_at' => null] : [
            'status' => $weighed->status,
            'mixed_cg' => $weighed->total(),
            'used_cg' => $weighed->used(),
            'finished_at' => $current->finished_at ?? $now,
        ])->save();

        $current->setRelation('pours', $current->pours->push($pour));
        $this->rows->worked($current, $weighed);

        return $current;
    }

    /**
     * Grams from the scale are this bowl's only while it is known to stand on it; and unlikely ones are asked about.
     */
    private function checkScale(
        WeighedBatch $before,
        Pour $pour,
        Batch $batch,
        int $salon,
        CarbonImmutable $now,
        bool $sure,
    ): void {
        if ($pour->kind !== BatchEventKind::Poured) {
            return;
        }
        if ($pour->source === PourSource::Scale) {
            $zero = $pour->zero === null
                ? null
                : ScaleZero::query()->where('salon_id', $salon)->where('word', $pour->zero)->first();
            if (! $before->onScale || $zero === null || ($zero->batch_id !== $batch->id && $zero->set_at <= $now)) {
                throw PourRefused::scaleElsewhere();
            }
        }
        if (! $sure && $before->status->isOpen() && $before->over() === null) {
            [$pack] = $this->packs->of(Extra::productOf($pour->line ?? ''));
            UnlikelyPour::refuse($before, $pour->line ?? '', $pour->grams_cg ?? Grams::zero(), $pack);
        }
    }

    /** What the scale stands under, from this event on. */
    private function moveScale(WeighedBatch $before, Pour $pour, Batch $batch, CarbonImmutable $now, int $salon): void
    {
        $onto = [
            BatchEventKind::Tared, BatchEventKind::CarriedOn, BatchEventKind::Moved, BatchEventKind::WeighedBack,
        ];
        if ($pour->zero !== null && in_array($pour->kind, $onto, true)) {
            ScaleZero::query()->updateOrCreate(
                ['salon_id' => $salon, 'word' => $pour->zero],
                [
                    // What was weighed back is not poured into any more.
                    'batch_id' => $pour->kind === BatchEventKind::WeighedBack ? null : $batch->id,
                    'set_at' => $now,
                ],
            );
            // What stood on a scale two months ago stands there no more.
            if (random_int(1, 500) === 1) {
                ScaleZero::query()->where('set_at', '<', $now->subDays(60))->delete();
            }
        }
        if ($pour->kind === BatchEventKind::Undone && $before->latest()?->kind === BatchEventKind::Tared) {
            VesselRow::query()->whereIn('pour_id', $batch->pours->pluck('id'))->delete();
        }
    }

    /**
     * What goes in beside the plan, as it is on the shelf today: the record must not change when the shelf does.
     *
     * @return array{label: string, part: ?int, volume: ?string}
     */
    private function named(string $id, Bowl $bowl): array
    {
        $shelf = $this->shelves->forVisit($bowl->round->visit);
        // What is left of a bowl cannot go into the same bowl.
        $product = $id === Leftover::PREFIX.$bowl->id ? null : $shelf->product($id);
        if ($product === null) {
            throw VisitRefused::notOnShelf();
        }
        $line = $shelf->line("line-{$bowl->colour_line_id}");
        if (
            $product->kind === ProductKind::Developer
                ? ! in_array($id, $line->developers ?? [], true)
                : $product->kind !== ProductKind::Mixture
            && $product->line !== $line?->id
        ) {
            throw VisitRefused::otherLine($product->label(), $line->name ?? '');
        }
        $volume = $product->strength?->volume;

        return [
            'label' => $product->label(),
            'part' => $line?->partOf($product->role()),
            'volume' => $volume === null ? null : "{$volume->numerator}/{$volume->denominator}",
        ];
    }

    private function same(Pour $known, Pour $pour): bool
    {
        return $known->kind === $pour->kind
            && $known->line === $pour->line
            && $known->grams_cg?->centigrams === $pour->grams_cg?->centigrams;
    }
}
