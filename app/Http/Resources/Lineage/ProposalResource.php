<?php

declare(strict_types=1);

namespace App\Http\Resources\Lineage;

use App\Enums\ProposalState;
use App\Models\Proposal;
use Core\Record\Change;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Proposal $resource */
final class ProposalResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $proposal = $this->resource;
        $change = Change::fromArray($proposal->change);

        return [
            'id' => $proposal->id,
            'source' => $proposal->source->value,
            'state' => $proposal->state->value,
            'kind' => $change->kind->value,
            'letter' => $proposal->bowl === null ? $change->bowl : trim($proposal->bowl->letter),
            'bowl' => $proposal->bowl_id,
            'bowlVersion' => $proposal->bowl?->version,
            'words' => $proposal->words,
            'condition' => $change->condition,
            'rest' => $change->rest,
            'reason' => $proposal->reason,
            'before' => $proposal->before,
            'after' => $proposal->after,
            // What the repeat worked out and offers is taken as it stands.
            'canApply' => $change->canBeApplied()
                || ($proposal->state === ProposalState::Open && $proposal->sheet_after !== null),
            // What would be tried on the bowl, so that it is seen in grams before it is applied.
            'change' => $change->isOfOneBowl() ? [
                'kind' => $change->kind->value,
                'value' => $change->value,
                'from' => $change->from,
                'to' => $change->to,
            ] : null,
            'canTakeBack' => $proposal->sheet_before !== null,
            'from' => ['id' => $proposal->from_visit_id, 'on' => $proposal->fromVisit->starts_at->toIso8601String()],
            'by' => $proposal->decider?->initials,
        ];
    }
}
