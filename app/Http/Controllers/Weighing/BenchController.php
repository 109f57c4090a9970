<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weighing;

use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Resources\Weighing\BenchResource;
use App\Models\Bowl;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the bench shows around a batch: whose bowl, what goes in, and how each product is coloured. */
final class BenchController extends Controller
{
    public function __invoke(Request $request, Bowl $bowl, BowlRows $rows, SalonShelf $shelves): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);
        $visit = $bowl->round->visit;
        $sheet = $rows->sheet($bowl, $shelves->forVisit($visit));

        return new JsonResponse((new BenchResource(
            $bowl,
            $sheet->known($visit->rules()->step),
            $sheet,
        ))->toArray());
    }
}
