<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Enums\VisitStatus;
use App\Exceptions\VisitRefused;
use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\CanvasRows;
use App\Formulas\PastUses;
use App\Formulas\RenamedBowls;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\Canvas as CanvasRow;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCanvas;
use Core\Codec\WriteBowl;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Hair\AgeCanvas;
use Core\Hair\Canvas;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\Difference;
use Core\Record\PastBowl;
use Core\Record\RepeatBowl;
use Core\Units\Fraction;
use Core\Weighing\BatchStatus;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/**
 * Plans the same visit again: the canvas as it has aged, the same rounds and bowls with what must differ worked out and
 * said, each bowl knowing the one it came from; and what was to be changed next time, waiting to be applied or
 * dismissed.
 */
final readonly class RepeatVisit
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $rows,
        private BatchRows $batches,
        private CanvasRows $canvases,
        private PastUses $uses,
        private WaitingChanges $waiting,
    ) {
    }

    public function __invoke(TeamMember $member, Visit $from, string $id, CarbonImmutable $startsAt): Visit
    {
        return $this->database->transaction(function () use ($member, $from, $id, $startsAt): Visit {
            $existing = Visit::query()->lockForUpdate()->find($id);
            if ($existing !== null) {
                return $existing->from_visit_id === $from->id ? $existing : throw VisitRefused::idTaken();
            }
            if ($from->status !== VisitStatus::Closed) {
                throw VisitRefused::notClosedYet();
            }
            $from->client->mustBeHere();
            $visit = Visit::query()->create([
                'id' => $id,
                'salon_id' => $from->salon_id,
                'client_id' => $from->client_id,
                'colourist_id' => $member->id,
                'from_visit_id' => $from->id,
                'service' => $from->service,
                'status' => VisitStatus::Expected,
                'starts_at' => $startsAt,
                'note' => '',
                'care' => $this->care($from),
            ])->refresh();
            $canvas = $this->age($from, $visit, $startsAt);
            $made = $this->copyBowls($member, $from, $visit, $canvas);
            $this->waiting->bringInto($visit, $made);

            return $visit;
        });
    }

    /** @return list<array<string, mixed>> the same steps, none of them done yet */
    private function care(Visit $from): array
    {
        return array_map(
            static fn (array $step): array => ['done' => false] + $step,
            $from->care ?? [],
        );
    }

    private function age(Visit $from, Visit $visit, CarbonImmutable $now): Canvas
    {
        if ($from->canvas === null) {
            return new Canvas;
        }
        $aged = AgeCanvas::by(
            $this->canvases->canvas($from),
            (int) abs($from->starts_at->diffInDays($now)),
            $this->canvases->results($from),
            $this->canvases->done($from),
            $visit->rules(),
        );
        CanvasRow::query()->create([
            'visit_id' => $visit->id,
            'canvas' => ReadCanvas::write($aged->canvas),
            'said' => Say::all($aged->said),
            'version' => 1,
        ]);

        return $aged->canvas;
    }

    /** @return array<string, string> new bowl ids by the old ones' */
    private function copyBowls(TeamMember $member, Visit $from, Visit $visit, Canvas $now): array
    {
        $made = [];
        foreach ($from->rounds()->with('bowls.batches')->get() as $old) {
            $round = Round::query()->create([
                'id' => (string) Str::uuid(),
                'visit_id' => $visit->id,
                'position' => $old->position,
                'name' => $old->name,
            ]);
            foreach ($old->bowls as $bowl) {
                if (self::wasCarried($bowl)) {
                    continue;
                }
                $made[$bowl->id] = (string) Str::uuid();
                $this->copyBowl(
                    member: $member,
                    from: $from,
                    visit: $visit,
                    old: $bowl,
                    round: $round,
                    made: $made,
                    now: $now,
                );
            }
        }

        return $made;
    }

    /** A test strand whose formula went on into a real bowl has done its work: that bowl is repeated. */
    private static function wasCarried(Bowl $bowl): bool
    {
        return ($bowl->sheet['purpose'] ?? '') === 'trial'
            && Bowl::query()->where('from_bowl_id', $bowl->id)
                ->whereHas('round', fn ($round) => $round->where('visit_id', $bowl->round->visit_id))->exists();
    }

    /** @param  array<string, string>  $made */
    private function copyBowl(
        TeamMember $member,
        Visit $from,
        Visit $visit,
        Bowl $old,
        Round $round,
        array $made,
        Canvas $now,
    ): void {
        $rules = $visit->rules();
        $differences = [];
        $json = $old->sheet;
        try {
            $shelf = $this->shelves->forVisit($from);
            ['sheet' => $sheet, 'differences' => $differences] = RepeatBowl::of(new PastBowl(
                sheet: $this->rows->sheet($old, $shelf), uses: $this->uses->of($old, $from),
                poured: $this->batches->pouredInto($old),
                batches: $old->batches->filter(fn ($batch): bool => $batch->status === BatchStatus::Finished)->count(),
                regrowthThen: $this->regrowth(
                    $this->canvases->canvas($from),
                ), regrowthNow: $this->regrowth($now), added: $this->batches->addedInto($old),
                followsPlan: $this->batches->keepsProportion($old), split: $this->batches->split($old),
            ), $shelf, $rules);
            $json = WriteBowl::toArray($sheet);
        } catch (CoreException $refusal) {
            $differences[] = new Difference(
                bowl: trim($old->letter),
                key: 'line',
                words: $refusal->fact(),
                before: '',
                after: '',
                reason: $refusal->fact()->mend(),
                applied: false,
            );
        }
        $copy = Bowl::query()->create([
            'id' => $made[$old->id],
            'round_id' => $round->id,
            'position' => $old->position,
            'from_bowl_id' => $old->id,
            'letter' => $old->letter,
            'job' => $old->job,
            'colour_line_id' => $old->colour_line_id, 'sheet' => RenamedBowls::of($json, $made),
        ])->refresh();
        $this->shelves->forget($visit->id);
        try {
            $this->rows->replaceComponents($copy, $this->rows->sheet($copy, $this->shelves->forVisit($visit)));
        } catch (CoreException) {
            // A bowl the shelf does not know any more is shown as it was, with the reason.
        }
        foreach ($differences as $difference) {
            $this->note(
                member: $member,
                from: $from,
                visit: $visit,
                old: $old,
                copy: $copy,
                difference: $difference,
                made: $made,
            );
        }
    }

    /**
     * @param  array<string, string>  $made
     * @return ?array<string, mixed>
     */
    private function sheet(?BowlSheet $sheet, array $made): ?array
    {
        return $sheet === null ? null : RenamedBowls::of(WriteBowl::toArray($sheet), $made);
    }

    /** @param  array<string, string>  $made */
    private function note(
        TeamMember $member,
        Visit $from,
        Visit $visit,
        Bowl $old,
        Bowl $copy,
        Difference $difference,
        array $made,
    ): void {
        Proposal::query()->create([
            'id' => (string) Str::uuid7(),
            'client_id' => $visit->client_id,
            'from_visit_id' => $from->id,
            'visit_id' => $visit->id,
            'bowl_id' => $copy->id,
            'from_bowl_id' => $old->id,
            'source' => ProposalSource::Repeat, 'change' => (new Change(
                ChangeKind::Words,
                $difference->bowl,
                words: $difference->key,
            ))->toArray(),
            // The record keeps the words as they were said that day.
            'words' => Say::words($difference->words), 'reason' => mb_substr(Say::words($difference->reason), 0, 500),
            'before' => Say::either($difference->before), 'after' => Say::either($difference->after),
            'sheet_before' => $this->sheet(
                $difference->from,
                $made,
            ), 'sheet_after' => $this->sheet($difference->to, $made), 'state' => match (true) {
                $difference->applied => ProposalState::Applied,
                $difference->to !== null => ProposalState::Open,
                default => ProposalState::Said,
            },
            'decided_by' => $difference->applied ? $member->id : null,
            'decided_at' => $difference->applied ? CarbonImmutable::now() : null,
        ]);
    }

    private function regrowth(Canvas $canvas): ?Fraction
    {
        $longest = null;
        foreach ($canvas->zones as $zone) {
            $longest = $zone->regrowth !== null && ($longest === null || $zone->regrowth->compare($longest) > 0)
                ? $zone->regrowth
                : $longest;
        }

        return $longest;
    }
}
