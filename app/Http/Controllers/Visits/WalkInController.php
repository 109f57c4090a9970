<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\WalkIn;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\WalkInRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Client;
use Illuminate\Http\JsonResponse;

final class WalkInController extends Controller
{
    public function __invoke(WalkInRequest $request, WalkIn $walkIn): JsonResponse
    {
        $member = $this->member($request);
        $client = $request->client() === null ? null : Client::query()->findOrFail($request->client());
        $client === null ? $this->authorize('create', Client::class) : $this->authorize('plan', $client);
        $visit = $walkIn(
            member: $member,
            id: $request->id(),
            client: $client,
            name: $request->name(),
            service: $request->service(),
            now: $this->madeAt(),
        );

        return new JsonResponse((new VisitResource($visit->refresh()))->toArray(), 201);
    }
}
