<?php

declare(strict_types=1);

namespace App\Actions\Weighing;

use App\Actions\Safety\AskGate;
use App\Actions\Visits\LockVisit;
use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BatchRows;
use App\Formulas\SalonShelf;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Pour;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Formula\Leftover;
use Core\Safety\Step;
use Core\Shelf\ProductKind;
use Core\Weighing\BatchEventKind;
use Illuminate\Database\DatabaseManager;

/**
 * Adds one event to a batch. A repeated event finds itself and changes nothing;
 * one that was made against an older state is refused with the newer state.
 */
final readonly class RecordPour
{
    public function __construct(
        private DatabaseManager $database,
        private BatchRows $rows,
        private SalonShelf $shelves,
        private AskGate $gate,
    ) {
    }

    /** @param  int  $after the latest sequence the sender has seen; 0 for none */
    public function __invoke(TeamMember $member, Batch $batch, Pour $pour, int $after, CarbonImmutable $now): Batch
    {
        return $this->database->transaction(function () use ($member, $batch, $pour, $after, $now): Batch {
            $visit = LockVisit::any($batch->bowl->round->visit_id);
            $current = Batch::query()->lockForUpdate()->findOrFail($batch->id);
            $known = Pour::query()->find($pour->id);
            if ($known !== null) {
                return $this->same($known, $pour, $current) ? $current : throw EditedElsewhere::reusedId($current);
            }
            $latest = (int) $current->pours->max('sequence');
            if ($after !== $latest) {
                throw EditedElsewhere::batch($current);
            }
            if ($visit->status === VisitStatus::Closed) {
                throw VisitRefused::closed();
            }
            // Grams that were poured are in the bowl and go on the record, whatever the gate says by now: it stands
            // before the weighing, before what is named to go in beside the plan, and before the first touch.
            if ($pour->kind === BatchEventKind::Added) {
                ($this->gate)(Step::Weigh, $current->bowl, $visit, CarbonImmutable::now(), $pour->line ?? '');
                $pour->added = $this->named($pour->line ?? '', $current->bowl);
            }
            $weighed = $this->rows->weighed($current)->after($this->rows->event($pour));
            $pour->fill([
                'batch_id' => $current->id,
                'sequence' => $latest + 1,
                'team_member_id' => $member->id,
                'poured_at' => $now,
                'arrived_at' => CarbonImmutable::now(),
            ])->save();
            $current->fill([
                'status' => $weighed->status,
                'mixed_cg' => $weighed->total(),
                'used_cg' => $weighed->used(),
                'finished_at' => match (true) {
                    $weighed->status->isOpen() => null,
                    default => $current->finished_at ?? $now,
                },
            ])->save();

            return $current->unsetRelation('pours');
        });
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

    private function same(Pour $known, Pour $pour, Batch $batch): bool
    {
        return $known->batch_id === $batch->id
            && $known->kind === $pour->kind
            && $known->line === $pour->line
            && $known->grams_cg?->centigrams === $pour->grams_cg?->centigrams;
    }
}
