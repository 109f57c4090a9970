<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\SaveReached;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\ListRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Round;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class ReachedController extends Controller
{
    public function update(ListRequest $request, Round $round, SaveReached $save): JsonResponse
    {
        $this->authorize('attend', $round->visit);
        $visit = $save(
            $this->member($request),
            $round,
            $request->version(),
            $request->entries('results'),
            CarbonImmutable::now(),
        );

        return new JsonResponse((new VisitResource($visit))->toArray());
    }
}
