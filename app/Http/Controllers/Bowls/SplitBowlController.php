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
            $this->member($request),
            $bowl,
            $request->version(),
            $request->id(),
            $request->letter(),
            $request->share(),
        );

        return new JsonResponse((new VisitResource($bowl->round->visit->refresh()))->toArray(), 201);
    }
}
