<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\RememberGramsMean;
use App\Http\Controllers\Controller;
use App\Http\Requests\House\GramsMeanRequest;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

/** Answered once, over a bowl of a visit; remembered for the house. */
final class GramsMeanController extends Controller
{
    public function __invoke(GramsMeanRequest $request, Visit $visit, RememberGramsMean $remember): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $salon = $remember($this->member($request)->salon, $request->of());

        return new JsonResponse(['of' => $salon->rules()->gramsMean->value]);
    }
}
