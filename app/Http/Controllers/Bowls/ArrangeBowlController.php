<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Actions\Bowls\ArrangeBowl;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\ArrangeBowlRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
use App\Models\Round;
use Illuminate\Http\JsonResponse;

final class ArrangeBowlController extends Controller
{
    public function __invoke(ArrangeBowlRequest $request, Bowl $bowl, ArrangeBowl $arrange): JsonResponse
    {
        $this->authorize('formulate', $bowl->round->visit);
        $to = Round::query()->findOrFail($request->round());
        $arranged = $arrange($bowl, $request->version(), $to, $request->place());

        return new JsonResponse((new VisitResource($arranged->round->visit->refresh()))->toArray());
    }
}
