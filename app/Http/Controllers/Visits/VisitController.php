<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\PlanRounds;
use App\Actions\Visits\PlanVisit;
use App\Actions\Visits\RemoveVisit;
use App\Actions\Visits\UpdateVisit;
use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\PlanVisitRequest;
use App\Http\Requests\Visits\RemoveVisitRequest;
use App\Http\Requests\Visits\UpdateVisitRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Kept\KeptAnswer;
use App\Models\Client;
use App\Models\ServiceTemplate;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class VisitController extends Controller
{
    /** Nothing of it runs any more; only what is asked of its client grows older. */
    private const CLOSED_HOLDS_SECONDS = 600;

    public function show(Request $request, Visit $visit): JsonResponse
    {
        $this->authorize('view', $visit);
        if ($visit->status === VisitStatus::Closed) {
            KeptAnswer::holds($request, self::CLOSED_HOLDS_SECONDS);
        }

        return new JsonResponse((new VisitResource($visit))->toArray());
    }

    public function store(PlanVisitRequest $request, Client $client, PlanVisit $plan, PlanRounds $rounds): JsonResponse
    {
        $this->authorize('plan', $client);
        $template = $request->template() === null ? null : ServiceTemplate::query()
            ->where('salon_id', $client->salon_id)
            ->findOrFail($request->template());
        $visit = $plan($this->member($request), $client, $request->id(), $request->service(), $request->startsAt());
        if ($template !== null) {
            // Sent again, it is the same taking: nothing is planned twice.
            $visit = $rounds($visit, $template->rounds, $request->id());
        }

        return new JsonResponse((new VisitResource($visit))->toArray(), 201);
    }

    /** @throws EditedElsewhere */
    public function update(UpdateVisitRequest $request, Visit $visit, UpdateVisit $update): JsonResponse
    {
        $this->authorize('formulate', $visit);

        return new JsonResponse((new VisitResource($update(
            $visit,
            $request->version(),
            $request->changes($visit->colourist->salon),
        )))->toArray());
    }

    /** Takes back one that was planned by mistake. */
    public function destroy(RemoveVisitRequest $request, Visit $visit, RemoveVisit $remove): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $client = $visit->client_id;
        $remove($visit, $request->version());

        return new JsonResponse(['client' => $client]);
    }
}
