<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\AddRound;
use App\Actions\Visits\ArrangeRound;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\AddRoundRequest;
use App\Http\Requests\Visits\ChangeRoundRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Round;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class RoundController extends Controller
{
    public function store(AddRoundRequest $request, Visit $visit, AddRound $add): JsonResponse
    {
        $this->authorize('formulate', $visit);

        return new JsonResponse((new VisitResource($add($visit, $request->id(), $request->name())))->toArray(), 201);
    }

    public function update(ChangeRoundRequest $request, Round $round, ArrangeRound $arrange): JsonResponse
    {
        $this->authorize('formulate', $round->visit);

        return new JsonResponse((new VisitResource($arrange->rename(
            $round,
            $request->version(),
            $request->name(),
        )))->toArray());
    }

    public function destroy(ChangeRoundRequest $request, Round $round, ArrangeRound $arrange): JsonResponse
    {
        $this->authorize('formulate', $round->visit);

        return new JsonResponse((new VisitResource($arrange->remove($round, $request->version())))->toArray());
    }
}
