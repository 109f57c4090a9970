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
            $this->member($request),
            $visit,
            $request->version(),
            $request->verdict(),
            $request->words(),
            $request->review(),
            CarbonImmutable::now(),
        );

        return new JsonResponse((new VisitResource($closed))->toArray());
    }
}
