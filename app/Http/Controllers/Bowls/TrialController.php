<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Actions\Bowls\RecordTrial;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\CarryTrialRequest;
use App\Http\Requests\Bowls\TrialRequest;
use App\Http\Resources\Bowls\BowlResource;
use App\Models\Bowl;
use App\Models\Round;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class TrialController extends Controller
{
    public function update(TrialRequest $request, Bowl $bowl, RecordTrial $trial): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);
        $saved = $trial->result(
            $this->member($request),
            $bowl,
            $request->version(),
            $request->result(),
            CarbonImmutable::now(),
        );

        return new JsonResponse((new BowlResource($saved))->toArray());
    }

    public function store(CarryTrialRequest $request, Bowl $bowl, RecordTrial $trial): JsonResponse
    {
        $this->authorize('formulate', $bowl->round->visit);
        $into = Round::query()->findOrFail($request->round());
        $this->authorize('formulate', $into->visit);
        $made = $trial->carry(
            member: $this->member($request),
            trial: $bowl,
            into: $into,
            id: $request->id(),
            letter: $request->letter(),
            colour: $request->colour(),
            corrections: $request->corrections(),
            reason: $request->reason(),
        );

        return new JsonResponse((new BowlResource($made))->toArray(), 201);
    }
}
