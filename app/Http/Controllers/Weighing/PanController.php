<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weighing;

use App\Actions\Weighing\PutOnScale;
use App\Http\Controllers\Controller;
use App\Http\Requests\Weighing\PutOnScaleRequest;
use App\Http\Resources\Weighing\BatchResource;
use App\Models\Batch;
use App\Words\Say;
use Illuminate\Http\JsonResponse;

/** What stands on the scale: said by a hand, believed where the weight agrees, else asked about. */
final class PanController extends Controller
{
    public function __invoke(PutOnScaleRequest $request, Batch $batch, PutOnScale $put): JsonResponse
    {
        $this->authorize('attend', $batch->bowl->round->visit);
        [$current, $asked] = $put($this->member($request), $batch, $request->said(), $this->madeAt());
        $fact = $asked?->question;

        return new JsonResponse([
            'batch' => (new BatchResource($current))->toArray(),
            'question' => $fact === null ? null : [
                'about' => substr($fact->key, strlen('pan.')),
                'message' => Say::words($fact),
                'mend' => Say::mend($fact),
                'extra' => $asked->extra?->text(),
            ],
        ], $fact === null ? 201 : 200);
    }
}
