<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\BowlsToTake;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\BowlsToTakeRequest;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

/** Bowls to take with one press: of this client's last visit, or of another client's, found as clients are. */
final class BowlsToTakeController extends Controller
{
    public function __invoke(BowlsToTakeRequest $request, Visit $visit, BowlsToTake $bowls): JsonResponse
    {
        $this->authorize('view', $visit);

        return new JsonResponse(['bowls' => $bowls->for($visit, $request->name())]);
    }
}
