<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Actions\Bowls\SplitBowl;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\SplitBowlRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
use Illuminate\Http\JsonResponse;

final class SplitBowlController extends Controller
{
    public function __invoke(SplitBowlRequest $request, Bowl $bowl, SplitBowl $split): JsonResponse
    {
        $this->authorize('formulate', $bowl->round->visit);
        $split(
            member: $this->member($request),
            bowl: $bowl,
            version: $request->version(),
            id: $request->id(),
            letter: $request->letter(),
            share: $request->share(),
        );

        return new JsonResponse((new VisitResource($bowl->round->visit->refresh()))->toArray(), 201);
    }
}
