<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\RemixRequest;
use App\Models\Batch;
use App\Models\Bowl;
use App\Words\Say;
use Core\Advice\Remix;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;
use Illuminate\Http\JsonResponse;

/** Whether what is left of a foil bowl will do, by the foils laid so far. */
final class RemixController extends Controller
{
    public function __invoke(RemixRequest $request, Bowl $bowl, BowlRows $rows, SalonShelf $shelves): JsonResponse
    {
        $this->authorize('attend', $bowl->round->visit);
        $mixed = Grams::sum(
            $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)
                ->map(fn (Batch $batch): Grams => $batch->mixed_cg)
                ->all(),
        );
        $visit = $bowl->round->visit;
        $planned = $rows->sheet($bowl, $shelves->forVisit($visit))->foils();
        $remix = Remix::of($request->done($planned), $planned, $mixed, $request->left(), $visit->rules());

        return new JsonResponse([
            'words' => Say::words($remix->words),
            'times' => $remix->times?->decimal(1),
            'now' => $remix->now,
            'foils' => max(0, $planned - $request->done($planned)),
        ]);
    }
}
