<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\CloseVisit;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\CloseVisitRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class CloseVisitController extends Controller
{
    public function __invoke(CloseVisitRequest $request, Visit $visit, CloseVisit $close): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $closed = $close(
            member: $this->member($request),
            visit: $visit,
            version: $request->version(),
            verdict: $request->verdict(),
            words: $request->words(),
            review: $request->review(),
            now: CarbonImmutable::now(),
        );

        return new JsonResponse((new VisitResource($closed))->toArray());
    }
}
