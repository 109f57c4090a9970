<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\PlanRounds;
use App\Formulas\CanvasRows;
use App\Formulas\LearntRows;
use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\PlanRoundsRequest;
use App\Http\Requests\Visits\WaysRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Http\Resources\Visits\WaysResource;
use App\Models\Visit;
use Core\Advice\FormulaForWish;
use Core\Codec\ReadCanvas;
use Core\Hair\CanvasZone;
use Illuminate\Http\JsonResponse;

/** From a wish to the nearest formulas of the shelf; nothing is kept until one is taken. */
final class WaysController extends Controller
{
    public function __invoke(
        WaysRequest $request,
        Visit $visit,
        CanvasRows $canvases,
        SalonShelf $shelves,
        LearntRows $learnt,
    ): JsonResponse {
        $this->authorize('view', $visit);
        $visit->loadMissing(['client', 'colourist.salon', 'canvas']);
        $canvas = $request->canvas() === null
            ? $canvases->canvas($visit)
            : ReadCanvas::from($request->canvas(), '/canvas');
        $zones = array_merge(...array_map(static fn (CanvasZone $zone): array => $zone->byWish(), $canvas->zones));
        foreach ($zones as $zone) {
            if ($zone->id === $request->zone()) {
                $salon = $visit->colourist->salon;
                $ways = FormulaForWish::of($zone, $shelves->of($salon), $salon->rules(), $learnt->before($visit));

                return new JsonResponse((new WaysResource($zone, $canvas, $ways, $salon))->toArray());
            }
        }

        return new JsonResponse(['ways' => [], 'wish' => null]);
    }

    public function take(PlanRoundsRequest $request, Visit $visit, PlanRounds $plan): JsonResponse
    {
        $this->authorize('formulate', $visit);

        return new JsonResponse((new VisitResource($plan($visit, $request->rounds(), $request->id())))->toArray(), 201);
    }
}
