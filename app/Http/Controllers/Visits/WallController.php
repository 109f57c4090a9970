<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Formulas\AppliedBefore;
use App\Formulas\VisitTimes;
use App\Http\Controllers\Controller;
use App\Http\Resources\Visits\NextStepResource;
use App\Http\Resources\Visits\TimesResource;
use App\Http\Resources\Visits\VisitLineResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Every head with colour on it and everybody in the chair, by who must act next: for the wall, and for the alarms of
 * every device.
 */
final class WallController extends Controller
{
    public function __invoke(Request $request, VisitTimes $times): JsonResponse
    {
        $now = CarbonImmutable::now();
        $visits = $this->member($request)
            ->salon->visits()
            ->with([...VisitLineResource::RELATIONS, ...AppliedBefore::FROM, 'canvas'])
            ->whereHas('client', fn ($client) => $client->whereNull('practice_seed'))
            ->whereIn('status', ['in-chair', 'expected'])
            // Whoever has colour on is here, whoever pressed what.
            ->where(fn ($query) => $query->where('status', 'in-chair')->orWhereHas('rounds.bowls.stamps'))
            ->orderBy('starts_at')->get();
        $heads = $visits->map(fn (Visit $visit): array => [
            'id' => $visit->id,
            'client' => $visit->client->name,
            'service' => $visit->service,
            'colourist' => ['name' => $visit->colourist->name, 'initials' => $visit->colourist->initials],
            'onHair' => $times->of($visit)->onHair,
            'times' => (new TimesResource($visit))->toArray(),
            'next' => (new NextStepResource($visit))->toArray(),
        ])->all();
        usort(
            $heads,
            static fn (array $one, array $other): int => [$one['next']['at'] ?? '9', $one['client']] <=> [
                $other['next']['at'] ?? '9',
                $other['client'],
            ],
        );

        return new JsonResponse(['now' => $now->toIso8601String(), 'heads' => $heads]);
    }
}
