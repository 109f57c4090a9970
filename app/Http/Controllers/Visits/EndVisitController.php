<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\EndVisit;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\EndVisitRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class EndVisitController extends Controller
{
    public function __invoke(EndVisitRequest $request, Visit $visit, EndVisit $end): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $ended = $end($visit, $request->version(), $request->why(), $request->reason(), $this->madeAt());

        return new JsonResponse((new VisitResource($ended))->toArray());
    }
}
