<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Formulas\SalonShelf;
use App\Formulas\VisitBowls;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Record\ReadChange;
use Illuminate\Support\Str;

/** What is to change next time, said at the close of a visit, becomes proposals for the ones after it. */
final readonly class RaiseProposals
{
    public function __construct(private VisitBowls $bowls, private SalonShelf $shelves)
    {
    }

    public function __invoke(Visit $visit, string $text, CarbonImmutable $now): void
    {
        $bowls = $visit->rounds()->with('bowls')->get()->flatMap(fn ($round) => $round->bowls);
        $sheets = array_values(array_filter($bowls->map(fn (Bowl $bowl) => $this->bowls->sheet($bowl, $visit))->all()));
        foreach (ReadChange::from($text, $sheets, $this->shelves->forVisit($visit)) as $at => $change) {
            Proposal::query()->create([
                'id' => (string) Str::uuid7(), 'client_id' => $visit->client_id, 'from_visit_id' => $visit->id,
                'from_bowl_id' => $bowls->first(fn (Bowl $bowl): bool => trim($bowl->letter) === $change->bowl)?->id,
                'source' => ProposalSource::Review,
                'change' => $change->toArray(),
                'words' => $change->words,
                'state' => ProposalState::Open,
                'created_at' => $now->addSeconds($at),
            ]);
        }
    }

    /**
     * The words were corrected: what nobody has decided yet is raised anew; what was decided stays as it was decided.
     */
    public function anew(TeamMember $member, Visit $visit, string $text, string $why, CarbonImmutable $now): void
    {
        $visit->raised()->where('state', ProposalState::Open)->whereNull('visit_id')->get()->each(
            fn (Proposal $open) => $open->fill([
                'state' => ProposalState::Dismissed, 'reason' => $why,
                'decided_by' => $member->id, 'decided_at' => $now,
            ])->save(),
        );
        $this($visit, $text, $now);
    }
}
