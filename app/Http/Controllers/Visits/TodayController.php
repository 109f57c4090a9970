<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Enums\VisitStatus;
use App\Formulas\AppliedBefore;
use App\Formulas\HandsOfDay;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\DayRequest;
use App\Http\Resources\Visits\ClashResource;
use App\Http\Resources\Visits\DayNotes;
use App\Http\Resources\Visits\VisitLineResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Timing\DayClash;
use Illuminate\Http\JsonResponse;

/**
 * A day or a week of the salon: who is in the chair and expected, who has left, and where two heads need the same
 * hands.
 */
final class TodayController extends Controller
{
    public function __invoke(DayRequest $request, HandsOfDay $hands, DayNotes $notes): JsonResponse
    {
        $now = CarbonImmutable::now();
        $salon = $this->member($request)->salon;
        $day = $request->day($salon, $now);
        $until = $day->addDays($request->days() - 1);
        [$from, $to] = [$salon->dayOf($day)[0], $salon->dayOf($until)[1]];
        $today = $now->betweenIncluded($from, $to);
        // Nobody is forgotten in the chair because midnight came.
        $left = $today ? $salon->visits()->where('status', VisitStatus::InChair)->pluck('id') : [];
        $visits = $salon->visits()->with([...VisitLineResource::RELATIONS, ...AppliedBefore::FROM, 'canvas'])
            ->whereHas('client', fn ($client) => $client->whereNull('practice_seed'))
            ->where(fn ($query) => $query->whereBetween('starts_at', [$from, $to])->orWhereIn('id', $left))
            ->orderBy('starts_at')->get();
        $busy = [];
        foreach ($visits as $visit) {
            array_push($busy, ...$hands->of($visit));
        }
        $byId = $visits->keyBy('id')->all();

        return new JsonResponse([
            'now' => $now->toIso8601String(),
            'day' => $day->toDateString(),
            'days' => $request->days(),
            'today' => $now->setTimezone($salon->timezone)->toDateString(),
            'visits' => array_values($visits->map(fn (Visit $visit): array => [
                ...(new VisitLineResource($visit))->toArray(),
                'version' => $visit->version,
                'day' => $visit->starts_at->setTimezone($salon->timezone)->toDateString(),
                'busy' => DayNotes::busy($hands->of($visit)),
            ])->all()),
            'clashes' => array_map(
                fn (DayClash $clash): array => (new ClashResource($clash, $byId))->toArray(),
                DayClash::among($busy),
            ),
            'notes' => $notes->of($salon, $from, $to),
        ]);
    }
}
