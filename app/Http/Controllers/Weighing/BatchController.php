<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weighing;

use App\Actions\Weighing\StartBatch;
use App\Http\Controllers\Controller;
use App\Http\Requests\Weighing\StartBatchRequest;
use App\Http\Resources\Weighing\BatchResource;
use App\Models\Batch;
use App\Models\Bowl;
use Illuminate\Http\JsonResponse;

final class BatchController extends Controller
{
    /** The batch to show for a bowl: the open one, else the latest; null when none was started. */
    public function current(Bowl $bowl): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);
        $batch = $bowl->batches->first(fn (Batch $batch): bool => $batch->status->isOpen()) ?? $bowl->batches->last();

        return $batch === null
            ? JsonResponse::fromJsonString('null')
            : new JsonResponse((new BatchResource($batch))->toArray());
    }

    public function store(StartBatchRequest $request, Bowl $bowl, StartBatch $start): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);

        return new JsonResponse(
            (new BatchResource($start(
                member: $this->member($request),
                bowl: $bowl,
                id: $request->id(),
                now: $this->madeAt(),
                times: $request->times(),
                strength: $request->strength(),
                serves: $request->serves(),
            )))->toArray(),
            201,
        );
    }

    public function show(Batch $batch): JsonResponse
    {
        $this->authorize('attend', $batch->bowl->round->visit);

        return new JsonResponse((new BatchResource($batch))->toArray());
    }
}
