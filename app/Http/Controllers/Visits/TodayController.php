<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Controllers\Controller;
use App\Http\Resources\Visits\VisitLineResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Everybody in the chair and expected today, and who has left. */
final class TodayController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        $now = CarbonImmutable::now();
        $salon = $this->member($request)->salon;
        $visits = $salon->visits()->with(VisitLineResource::RELATIONS)
            ->whereHas('client', fn ($client) => $client->whereNull('practice_seed'))
            ->where(fn ($query) => $query
                ->whereBetween('starts_at', $salon->dayOf($now))
                // Nobody is forgotten in the chair because midnight came.
                ->orWhere('status', 'in-chair'))
            ->orderBy('starts_at')->get();

        return new JsonResponse([
            'now' => $now->toIso8601String(),
            'visits' => array_values($visits->map(fn (Visit $visit): array => (new VisitLineResource($visit))->toArray())->all()),
        ]);
    }
}
