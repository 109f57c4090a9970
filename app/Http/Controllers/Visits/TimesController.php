<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Bowls\RetimeBowl;
use App\Actions\Visits\SetHands;
use App\Formulas\BowlRows;
use App\Formulas\VisitTimes;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\TimesRequest;
use App\Http\Resources\Visits\TimesResource;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Bowl;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

/** The plan of a visit's times: as it is tried, and as it is kept. */
final class TimesController extends Controller
{
    public function preview(TimesRequest $request, Visit $visit, VisitTimes $times, BowlRows $rows): JsonResponse
    {
        $this->authorize('attend', $visit);
        $changed = [];
        foreach ($visit->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            if (isset($request->bowls()[$bowl->id])) {
                $changed[$bowl->id] = RetimeBowl::with($rows->json($bowl), $request->bowls()[$bowl->id]);
            }
        }

        return new JsonResponse(
            (new TimesResource($visit, $times->of($visit, $changed, $request->hands())))->toArray(),
        );
    }

    public function bowl(TimesRequest $request, Bowl $bowl, RetimeBowl $retime): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);
        $changed = $retime($this->member($request), $bowl, $request->version(), $request->set());

        return new JsonResponse((new VisitResource($changed->round->visit->refresh()))->toArray());
    }

    public function hands(TimesRequest $request, Visit $visit, SetHands $set): JsonResponse
    {
        $this->authorize('attend', $visit);

        return new JsonResponse(
            (new VisitResource($set($visit, $request->version(), $request->hands() ?? 1)))->toArray(),
        );
    }
}
