<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\AmendVisit;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\AmendVisitRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class AmendVisitController extends Controller
{
    public function __invoke(AmendVisitRequest $request, Visit $visit, AmendVisit $amend): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $amended = $amend(
            member: $this->member($request),
            visit: $visit,
            version: $request->version(),
            why: $request->why(),
            changes: $request->changes(),
            bowls: $request->bowls(),
            now: CarbonImmutable::now(),
        );

        return new JsonResponse((new VisitResource($amended))->toArray());
    }
}
