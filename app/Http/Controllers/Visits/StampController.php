<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\StampBowl;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\StampRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
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
        );

        return new JsonResponse((new VisitResource($visit))->toArray(), 201);
    }
}
