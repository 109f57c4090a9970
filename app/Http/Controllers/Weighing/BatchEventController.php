<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weighing;

use App\Actions\Visits\LockVisit;
use App\Actions\Weighing\RecordPour;
use App\Http\Controllers\Controller;
use App\Http\Requests\Weighing\BatchEventRequest;
use App\Http\Resources\Weighing\BatchResource;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;

final class BatchEventController extends Controller
{
    public function store(BatchEventRequest $request, Batch $batch, RecordPour $record): JsonResponse
    {
        $visit = LockVisit::any($batch->bowl->round->visit_id);
        $this->authorize('attend', $visit);
        $moved = $record(
            member: $this->member($request),
            visit: $visit,
            batch: $batch,
            pour: $request->pour(),
            after: $request->afterSequence(),
            now: $this->madeAt(),
            sure: $request->sure(),
        );

        return new JsonResponse((new BatchResource($moved))->toArray(), 201);
    }
}
