<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Enums\VisitStatus;
use App\Models\Proposal;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;

/**
 * What was said for next time waits until a closed visit has carried it out: in every visit that is planned meanwhile,
 * and again where the one that took it did not take place.
 */
final readonly class WaitingChanges
{
    /** @param  array<string, string>  $made  new bowl ids by the old ones' */
    public function bringInto(Visit $visit, array $made): void
    {
        foreach ($this->families($visit->client_id) as $family) {
            $free = $family->first(
                fn (Proposal $each): bool => $each->visit_id === null
                && $each->state === ProposalState::Open,
            );
            $elsewhere = $family->first(
                fn (Proposal $each): bool => $each->visit?->status->isOver() === false
                    && in_array($each->state, [ProposalState::Open, ProposalState::Applied], true),
            );
            $here = ['visit_id' => $visit->id, 'bowl_id' => $made[$family->first()->from_bowl_id ?? ''] ?? null];
            if ($free !== null) {
                $free->fill($here)->save();
            } elseif ($elsewhere !== null) {
                $this->copy($elsewhere, $here);
            }
        }
    }

    /** The visit is closed: what it carried out waits nowhere else; what nobody decided waits for the next one. */
    public function settle(TeamMember $member, Visit $visit, CarbonImmutable $now): void
    {
        foreach ($this->families($visit->client_id) as $family) {
            $own = $family->firstWhere('visit_id', $visit->id);
            if ($own === null) {
                continue;
            }
            $others = $family->filter(
                fn (Proposal $each): bool => $each->id !== $own->id
                && $each->state === ProposalState::Open,
            );
            if ($own->state === ProposalState::Applied) {
                $others->each(fn (Proposal $each) => $each->fill([
                    'state' => ProposalState::Dismissed,
                    'reason' => "carried out on {$visit->starts_at->toDateString()}",
                    'decided_by' => $member->id, 'decided_at' => $now,
                ])->save());
            } elseif ($own->state === ProposalState::Open && $others->isEmpty()) {
                $own->fill(['visit_id' => null, 'bowl_id' => null])->save();
            }
        }
    }

    /** The visit did not take place: what waited or was taken there waits for another one. */
    public function release(Visit $visit): void
    {
        foreach ($this->families($visit->client_id) as $family) {
            $own = $family->firstWhere('visit_id', $visit->id);
            $live = $family->contains(fn (Proposal $each): bool => $each->visit_id !== $visit->id
                && ($each->visit_id === null || $each->visit?->status !== VisitStatus::Ended));
            if (
                $own !== null
                && ! $live
                && in_array($own->state, [ProposalState::Open, ProposalState::Applied], true)
            ) {
                $this->copy($own, ['visit_id' => null, 'bowl_id' => null]);
            }
        }
    }

    /** It takes place after all: what was set free for another one, and is in none yet, is its own again. */
    public function takeUp(Visit $visit): void
    {
        foreach ($this->families($visit->client_id) as $family) {
            if ($family->contains('visit_id', $visit->id)) {
                $family->filter(fn (Proposal $each): bool => $each->visit_id === null && $each->copy_of !== null)
                    ->each(fn (Proposal $each) => $each->delete());
            }
        }
    }

    /** @param  array{visit_id: ?string, bowl_id: ?string}  $where */
    private function copy(Proposal $of, array $where): void
    {
        Proposal::query()->create([
            ...$of->only(['client_id', 'from_visit_id', 'from_bowl_id', 'source', 'change', 'words']),
            ...$where,
            'id' => (string) Str::uuid7(), 'copy_of' => $of->family(), 'state' => ProposalState::Open,
            'created_at' => $of->created_at,
        ]);
    }

    /** @return array<string, Collection<int, Proposal>> each change, in whatever visits it waits or waited */
    private function families(int $client): array
    {
        $families = [];
        foreach (
            Proposal::query()
                ->with('visit')
                ->where('client_id', $client)
                ->where('source', ProposalSource::Review)
                ->orderBy('created_at')
                ->get() as $each
        ) {
            $families[$each->family()] ??= new Collection;
            $families[$each->family()]->push($each);
        }

        return $families;
    }
}
