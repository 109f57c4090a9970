<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Actions\Bowls\RemoveBowl;
use App\Actions\Bowls\SaveBowl;
use App\Actions\House\RememberGramsMean;
use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Codec\WriteBowl;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\Letters;
use Core\Practice\GramsMean;
use Core\Record\AddBowl;
use Core\Record\ApplyChange;
use Core\Record\BowlFacts;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\CompareBowls;
use Core\Record\KeepTogether;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/** A change that waits is applied to its bowl, dismissed with a reason, marked as done by hand, or taken back. */
final readonly class DecideProposal
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $rows,
        private SaveBowl $save,
        private RemoveBowl $remove,
        private RememberGramsMean $remember,
    ) {
    }

    /**
     * @param  ?Bowl  $bowl  to be changed, where the proposal does not name one
     * @param  GramsMean  $of  what its grams are of, where that was asked
     */
    public function apply(
        TeamMember $member,
        Proposal $proposal,
        ?Bowl $bowl,
        int $version,
        GramsMean $of,
        CarbonImmutable $now,
    ): Proposal {
        return $this->database->transaction(function () use ($member, $proposal, $bowl, $version, $of, $now): Proposal {
            self::lock($proposal, $bowl);
            $current = $this->open($proposal);
            $change = Change::fromArray($current->change)->meaning($of);
            ($this->remember)($member->salon, $of);
            $target = $bowl ?? $current->bowl;
            if ($target === null || (! $change->canBeApplied() && $current->sheet_after === null)) {
                return $this->decided($current, $member, ProposalState::Applied, 'done by hand', $now);
            }
            if ($target->version !== $version) {
                throw EditedElsewhere::bowl($target);
            }
            if ($current->source === ProposalSource::Repeat && $current->sheet_after !== null) {
                // Worked out when the visit was repeated, for the bowl as it was then.
                if ($target->sheet != $current->sheet_before) {
                    throw VisitRefused::changedSince(trim($target->letter));
                }
                $this->save->change($member, $target, $version, $current->sheet_after);

                return $this->decided($current, $member, ProposalState::Applied, 'taken', $now);
            }
            if ($change->kind === ChangeKind::RemoveBowl) {
                ($this->remove)($target, $version);

                return $this->decided($current, $member, ProposalState::Applied, 'bowl taken out', $now);
            }
            $visit = $target->round->visit;
            $rules = $visit->rules();
            $shelf = $this->shelves->forVisit($visit);
            $before = $this->rows->sheet($target, $shelf);
            if ($change->kind === ChangeKind::AddBowl) {
                $new = AddBowl::like($before, self::freeLetter($visit), $change, $shelf, $rules);
                $this->save->add($target->round, (string) Str::uuid(), WriteBowl::toArray($new), $target->from_bowl_id);
                $current->fill(['after' => "bowl {$new->letter}, {$new->known($rules->step)->total->show()}"]);

                return $this->decided($current, $member, ProposalState::Applied, 'said last time', $now);
            }
            $after = ApplyChange::to($before, $change, $shelf, $rules);
            $said = CompareBowls::said(new BowlFacts($before), new BowlFacts($after), $shelf, $rules);
            $current->fill([
                'bowl_id' => $target->id,
                'sheet_before' => $target->sheet,
                'sheet_after' => WriteBowl::toArray($after),
                'after' => mb_substr(implode('; ', $said), 0, 300),
            ]);
            $this->save->change($member, $target, $version, WriteBowl::toArray($after));
            $moved = $this->keepTogether($member, $target, $before, $after);
            if ($moved !== '') {
                $current->fill(['after' => mb_substr("{$current->after}; {$moved}", 0, 300)]);
            }

            return $this->decided($current, $member, ProposalState::Applied, 'said last time', $now);
        });
    }

    public function dismiss(TeamMember $member, Proposal $proposal, string $reason, CarbonImmutable $now): Proposal
    {
        return $this->database->transaction(function () use ($member, $proposal, $reason, $now): Proposal {
            self::lock($proposal, null);

            return $this->decided($this->open($proposal), $member, ProposalState::Dismissed, $reason, $now);
        });
    }

    /** The bowl stands as before; a note from last time waits again, what the repeat worked out is left. */
    public function takeBack(TeamMember $member, Proposal $proposal, int $version, CarbonImmutable $now): Proposal
    {
        return $this->database->transaction(function () use ($member, $proposal, $version, $now): Proposal {
            self::lock($proposal, null);
            $current = Proposal::query()->lockForUpdate()->findOrFail($proposal->id);
            if (! in_array($current->state, [ProposalState::Applied, ProposalState::Dismissed], true)) {
                throw VisitRefused::decided();
            }
            if (
                $current->state === ProposalState::Applied
                && $current->sheet_before !== null
                && $current->bowl !== null
            ) {
                if ($current->bowl->sheet != $current->sheet_after) {
                    throw VisitRefused::changedSince(trim($current->bowl->letter));
                }
                $shelf = $this->shelves->forVisit($current->bowl->round->visit);
                $standing = $this->rows->sheet($current->bowl, $shelf);
                $back = $this->save->change($member, $current->bowl, $version, $current->sheet_before);
                $this->keepTogether(
                    $member,
                    $back,
                    $standing,
                    $this->rows->sheet($back, $this->shelves->forVisit($back->round->visit)),
                );
            }
            $state = $current->source === ProposalSource::Review ? ProposalState::Open : ProposalState::Dismissed;

            return $this->decided(
                $current,
                $member,
                $state,
                $current->source === ProposalSource::Review ? '' : 'kept as it was',
                $now,
            );
        });
    }

    /** What goes on for the last minutes of this bowl moves with it; in words, empty where nothing does. */
    private function keepTogether(TeamMember $member, Bowl $bowl, BowlSheet $before, BowlSheet $after): string
    {
        $visit = $bowl->round->visit;
        $shelf = $this->shelves->forVisit($visit);
        $others = $visit->rounds()->with('bowls')->get()->flatMap(fn (Round $round) => $round->bowls)
            ->filter(
                fn (Bowl $each): bool => $each->id !== $bowl->id,
            )->keyBy(fn (Bowl $each): string => trim($each->letter));
        $sheets = [];
        foreach ($others as $other) {
            try {
                $sheets[] = $this->rows->sheet($other, $shelf);
            } catch (CoreException) {
                // What the shelf does not know any more follows nothing.
                continue;
            }
        }
        $said = [];
        foreach (
            KeepTogether::of($before, $after, $sheets, $shelf) as ['sheet' => $sheet, 'was' => $was, 'is' => $is]
        ) {
            $other = $others->get($sheet->letter);
            if ($other !== null) {
                $this->save->change($member, $other, $other->version, WriteBowl::toArray($sheet));
                $said[] = "{$sheet->letter} at +{$was} → +{$is} min";
            }
        }

        return implode('; ', $said);
    }

    private static function freeLetter(Visit $visit): string
    {
        $bowls = $visit->rounds()->with('bowls')->get()->flatMap(fn (Round $round) => $round->bowls);

        return Letters::free(array_values($bowls->map(fn (Bowl $bowl): string => trim($bowl->letter))->all()));
    }

    /** The visit whose bowl is changed; said at a close, it may wait in none yet. */
    private static function lock(Proposal $proposal, ?Bowl $bowl): void
    {
        $visit = $bowl->round->visit_id ?? $proposal->visit_id;
        if ($visit !== null) {
            LockVisit::any($visit);
        }
    }

    private function open(Proposal $proposal): Proposal
    {
        $current = Proposal::query()->lockForUpdate()->findOrFail($proposal->id);

        return $current->state === ProposalState::Open || $current->state === ProposalState::Said
            ? $current
            : throw VisitRefused::decided();
    }

    private function decided(
        Proposal $proposal,
        TeamMember $member,
        ProposalState $state,
        string $reason,
        CarbonImmutable $now,
    ): Proposal {
        $proposal->fill([
            'state' => $state, 'reason' => $reason === '' || $proposal->reason !== '' ? $proposal->reason : $reason,
            'decided_by' => $state === ProposalState::Open ? null : $member->id,
            'decided_at' => $state === ProposalState::Open ? null : $now,
        ])->save();

        return $proposal;
    }
}
