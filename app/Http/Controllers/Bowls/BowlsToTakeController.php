<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\BowlsToTake;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\BowlsToTakeRequest;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

/**
 * What can be taken with one press: bowls of this client's last visit or of another client's, services and blends of
 * the house.
 */
final class BowlsToTakeController extends Controller
{
    public function __invoke(BowlsToTakeRequest $request, Visit $visit, BowlsToTake $bowls): JsonResponse
    {
        $this->authorize('view', $visit);

        return new JsonResponse([
            'bowls' => $bowls->for($visit, $request->name()),
            'services' => $bowls->services($visit),
            'blends' => $bowls->blends($visit),
        ]);
    }
}
