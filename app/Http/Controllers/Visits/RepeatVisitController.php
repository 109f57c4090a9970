<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\RepeatVisit;
use App\Http\Controllers\Controller;
use App\Http\Requests\NewRecordRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class RepeatVisitController extends Controller
{
    public function __invoke(NewRecordRequest $request, Visit $visit, RepeatVisit $repeat): JsonResponse
    {
        $this->authorize('formulate', $visit);

        return new JsonResponse(
            (new VisitResource($repeat(
                $this->member($request),
                $visit,
                $request->id(),
                CarbonImmutable::now(),
            )))->toArray(),
            201,
        );
    }
}
