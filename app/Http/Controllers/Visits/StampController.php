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
            $this->member($request),
            $bowl,
            $request->id(),
            $request->kind(),
            $request->words(),
            $this->madeAt(),
            $request->batch(),
            $request->side(),
        );

        return new JsonResponse((new VisitResource($visit))->toArray(), 201);
    }
}
