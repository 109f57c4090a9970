<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Codec\WriteBowl;
use Core\Formula\BowlSheet;
use Core\Record\BowlFacts;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\CompareBowls;
use Illuminate\Support\Str;

/** Writes down that a bowl was adjusted: what changed, and why. */
final readonly class RecordAdjustment
{
    public function __construct(private SalonShelf $shelves, private BowlRows $rows)
    {
    }

    public function __invoke(TeamMember $member, Bowl $bowl, BowlSheet $after, string $reason): void
    {
        $visit = $bowl->round->visit;
        $shelf = $this->shelves->forVisit($visit);
        $said = implode(
            '; ',
            CompareBowls::said(
                new BowlFacts($this->rows->sheet($bowl, $shelf)),
                new BowlFacts($after),
                $shelf,
                $visit->rules(),
            ),
        );
        if ($said === '') {
            return;
        }
        Proposal::query()->create([
            'id' => (string) Str::uuid7(),
            'client_id' => $visit->client_id,
            'from_visit_id' => $visit->id,
            'visit_id' => $visit->id,
            'bowl_id' => $bowl->id,
            'from_bowl_id' => $bowl->id, 'source' => ProposalSource::Adjust, 'change' => (new Change(
                ChangeKind::Words,
                $after->letter,
                words: $reason,
            ))->toArray(),
            'words' => mb_substr(
                $said,
                0,
                1000,
            ), 'reason' => $reason, 'sheet_before' => $bowl->sheet, 'sheet_after' => WriteBowl::toArray($after),
            'state' => ProposalState::Applied,
            'decided_by' => $member->id, 'decided_at' => CarbonImmutable::now(),
        ]);
    }
}
