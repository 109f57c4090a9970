<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Formulas\JudgeRows;
use App\Http\Controllers\Controller;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far off the outlook has been, over the salon's closed visits. */
final class JudgementController extends Controller
{
    public function __invoke(Request $request, JudgeRows $judge): JsonResponse
    {
        $found = $judge->of($this->member($request)->salon);

        return new JsonResponse(['by' => array_map(
            static fn (string $by): array => ['by' => $by] + $found[$by],
            JudgeRows::BY,
        )]);
    }
}
