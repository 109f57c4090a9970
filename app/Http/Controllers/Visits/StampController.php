<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\StampBowl;
use App\Actions\Visits\StampTogether;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\StampRequest;
use App\Http\Requests\Visits\StampTogetherRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class StampController extends Controller
{
    public function store(StampRequest $request, Bowl $bowl, StampBowl $stamp): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);
        $visit = $stamp(
            member: $this->member($request),
            bowl: $bowl,
            id: $request->id(),
            kind: $request->kind(),
            words: $request->words(),
            now: $this->madeAt(),
            batch: $request->batch(),
            side: $request->side(),
            minutes: $request->minutes(),
            seen: $request->seen(),
        );

        return new JsonResponse((new VisitResource($visit))->toArray(), 201);
    }

    /** Several bowls at once: what comes off in one rinse. All of it, or nothing. */
    public function together(StampTogetherRequest $request, Visit $visit, StampTogether $stamp): JsonResponse
    {
        $this->authorize('attend', $visit);
        $stamped = $stamp($this->member($request), $visit, $request->kind(), $request->marks(), $this->madeAt());

        return new JsonResponse((new VisitResource($stamped->refresh()))->toArray(), 201);
    }
}
