<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\SaveCare;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\ListRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class CareController extends Controller
{
    public function update(ListRequest $request, Visit $visit, SaveCare $save): JsonResponse
    {
        $this->authorize('attend', $visit);

        return new JsonResponse(
            (new VisitResource($save($visit, $request->version(), $request->entries('steps'))))->toArray(),
        );
    }
}
