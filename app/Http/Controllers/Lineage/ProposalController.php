<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lineage;

use App\Actions\Visits\DecideProposal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lineage\DecideRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class ProposalController extends Controller
{
    public function update(DecideRequest $request, Proposal $proposal, DecideProposal $decide): JsonResponse
    {
        $visit = Visit::query()->findOrFail($proposal->visit_id ?? $proposal->from_visit_id);
        $this->authorize('formulate', $visit);
        $bowl = $request->bowl() === null ? null : Bowl::query()->findOrFail($request->bowl());
        abort_if($bowl !== null && $bowl->round->visit_id !== $visit->id, 404);
        match ($request->verb()) {
            'apply' => $decide->apply(
                member: $this->member($request),
                proposal: $proposal,
                bowl: $bowl,
                version: $request->version(),
                of: $request->of(),
                now: CarbonImmutable::now(),
            ),
            'dismiss' => $decide->dismiss(
                $this->member($request),
                $proposal,
                $request->reason(),
                CarbonImmutable::now(),
            ),
            default => $decide->takeBack(
                $this->member($request),
                $proposal,
                $request->version(),
                CarbonImmutable::now(),
            ),
        };

        return new JsonResponse((new VisitResource($visit->refresh()))->toArray());
    }
}
