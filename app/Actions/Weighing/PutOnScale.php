<?php

declare(strict_types=1);

namespace App\Actions\Weighing;

use App\Actions\Visits\LockVisit;
use App\Exceptions\EditedElsewhere;
use App\Formulas\BatchRows;
use App\Models\Batch;
use App\Models\Pour;
use App\Models\TeamMember;
use App\Models\VesselRow;
use Carbon\CarbonImmutable;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchEventKind;
use Core\Weighing\Pan;
use Core\Weighing\Vessel;
use Illuminate\Database\DatabaseManager;
use Ramsey\Uuid\Uuid;

/**
 * Says what stands on the scale, before one gram counts; where that does not agree with its weight, nothing is
 * recorded.
 */
final readonly class PutOnScale
{
    public function __construct(private DatabaseManager $database, private BatchRows $rows, private RecordPour $record)
    {
    }

    /** @return array{Batch, ?Pan} the batch, and what is asked where something does not agree */
    public function __invoke(TeamMember $member, Batch $batch, OnScale $said, CarbonImmutable $now): array
    {
        return $this->database->transaction(function () use ($member, $batch, $said, $now): array {
            $visit = LockVisit::any($batch->bowl->round->visit_id);
            $current = Batch::query()->lockForUpdate()->findOrFail($batch->id);
            if (Pour::query()->whereKey($said->id)->exists()) {
                return [$current, null];
            }
            if ($said->after !== (int) $current->pours->max('sequence')) {
                throw EditedElsewhere::batch($current);
            }
            $pan = $this->judged($current, $said, $member->salon_id);
            if ($pan->question !== null) {
                return [$current, $pan];
            }
            $after = $said->after;
            foreach ($pan->events as $at => $event) {
                $current = ($this->record)(
                    member: $member,
                    visit: $visit,
                    batch: $current,
                    pour: $this->row($event, $said, $at),
                    after: $after++,
                    now: $now,
                );
                if ($event->kind === BatchEventKind::Tared && $event->grams?->isZero() === false) {
                    self::learn($member->salon_id, $event, $said->id);
                }
            }

            return [$current, null];
        });
    }

    private function judged(Batch $batch, OnScale $said, int $salon): Pan
    {
        $weighed = $this->rows->weighed($batch);

        return match ($said->stands) {
            Stands::Empty => Pan::emptyBowl($weighed, $said->reading, self::known($salon), $said->mark, $said->sure),
            Stands::Same => Pan::sameBowl($weighed, $said->reading, self::known($salon), $said->line, $said->sure),
            Stands::Other => Pan::otherBowl($weighed, $said->reading, self::known($salon), $said->mark, $said->sure),
            Stands::Back => Pan::weighedBack($weighed, $said->reading),
        };
    }

    /** @return list<Vessel> */
    private static function known(int $salon): array
    {
        return array_values(VesselRow::query()->where('salon_id', $salon)->get()
            ->map(static fn (VesselRow $row): Vessel => $row->vessel())->all());
    }

    private static function learn(int $salon, BatchEvent $event, string $pour): void
    {
        $weight = $event->grams;
        if ($weight === null) {
            return;
        }
        $same = Vessel::nearest(self::known($salon), $weight);
        if ($same?->weighs($weight) === true && ($event->vessel === '' || $same->mark === $event->vessel)) {
            return;
        }
        if ($event->vessel !== '') {
            VesselRow::query()->where('salon_id', $salon)->where('mark', $event->vessel)->delete();
        }
        VesselRow::query()->create([
            'salon_id' => $salon, 'mark' => $event->vessel, 'weight_cg' => $weight, 'pour_id' => $pour,
        ]);
    }

    private function row(BatchEvent $event, OnScale $said, int $at): Pour
    {
        return new Pour([
            'id' => $at === 0 ? $said->id : Uuid::uuid5($said->id, (string) $at)->toString(),
            'kind' => $event->kind, 'line' => $event->line, 'grams_cg' => $event->grams, 'source' => $event->source,
            'reading_cg' => $event->reading, 'vessel' => $event->vessel, 'zero' => $said->word,
        ]);
    }
}
