<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Formulas\MatchedTargets;
use App\Http\Controllers\Controller;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

/** What is wished of the heads that this one is to look like. */
final class MatchedTargetController extends Controller
{
    public function __invoke(Visit $visit, MatchedTargets $targets): JsonResponse
    {
        $this->authorize('view', $visit);

        return new JsonResponse($targets->of($visit));
    }
}
