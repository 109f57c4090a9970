<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Actions\Bowls\RemoveBowl;
use App\Actions\Bowls\SaveBowl;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\SaveBowlRequest;
use App\Http\Resources\Bowls\BowlResource;
use App\Models\Bowl;
use App\Models\Round;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BowlController extends Controller
{
    public function store(SaveBowlRequest $request, Round $round, SaveBowl $save): JsonResponse
    {
        $this->authorize('formulate', $round->visit);
        $bowl = $save->typed($round, $request->id(), $request->bowl());

        return new JsonResponse((new BowlResource($bowl))->toArray(), 201);
    }

    public function update(SaveBowlRequest $request, Bowl $bowl, SaveBowl $save): JsonResponse
    {
        $this->authorize('formulate', $bowl->round->visit);
        $saved = $save->change(
            $this->member($request),
            $bowl,
            $request->version(),
            $request->bowl(),
            $request->reason(),
        );

        return new JsonResponse((new BowlResource($saved))->toArray());
    }

    public function destroy(Request $request, Bowl $bowl, RemoveBowl $remove): JsonResponse
    {
        $this->authorize('formulate', $bowl->round->visit);
        $remove($bowl, $request->integer('version'));

        return new JsonResponse(null, 204);
    }
}
