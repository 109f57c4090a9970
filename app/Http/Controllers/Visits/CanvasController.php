<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\SaveCanvas;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\CanvasRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class CanvasController extends Controller
{
    public function update(CanvasRequest $request, Visit $visit, SaveCanvas $save): JsonResponse
    {
        $this->authorize('formulate', $visit);

        return new JsonResponse((new VisitResource($save(
            $this->member($request),
            $visit,
            $request->version(),
            $request->canvas(),
        )))->toArray());
    }
}
