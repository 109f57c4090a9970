<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Formulas\StockRows;
use App\Http\Controllers\Controller;
use App\Http\Resources\Bowls\WorkedBowlResource;
use Core\Codec\ReadBowl;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Works a bowl as it is being typed; nothing is kept. */
final class PreviewBowlController extends Controller
{
    public function __invoke(Request $request, SalonShelf $shelves, StockRows $stock): JsonResponse
    {
        $salon = $this->member($request)->salon;
        // In a visit, what is left of its other bowls is on the shelf too.
        $visit = is_string($request->query('visit')) ? $salon->visits()->find($request->query('visit')) : null;
        $shelf = $visit === null ? $shelves->of($salon) : $shelves->forVisit($visit);
        $sheet = ReadBowl::from($request->json()->all(), $shelf);

        return new JsonResponse(
            WorkedBowlResource::of($sheet, $shelf, $salon->rules(), $stock->levels($salon))->toArray(),
        );
    }
}
