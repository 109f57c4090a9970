<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Actions\Bowls\MergeBowls;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\MergeBowlsRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
use Illuminate\Http\JsonResponse;

final class MergeBowlsController extends Controller
{
    public function __invoke(MergeBowlsRequest $request, Bowl $bowl, MergeBowls $merge): JsonResponse
    {
        $visit = $bowl->round->visit;
        $this->authorize('formulate', $visit);
        $other = Bowl::query()->findOrFail($request->other());
        abort_if($other->round->visit_id !== $visit->id || $other->id === $bowl->id, 404);
        $merge($this->member($request), $bowl, $request->version(), $other, $request->otherVersion());

        return new JsonResponse((new VisitResource($visit->refresh()))->toArray());
    }
}
