<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Formulas\WrittenBowls;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\WrittenBowlsRequest;
use App\Http\Resources\Bowls\WorkedBowlResource;
use App\Models\Visit;
use App\Words\Say;
use Core\Codec\ReadBowl;
use Core\CoreException;
use Core\Hair\Stroke;
use Illuminate\Http\JsonResponse;

/** Reads bowls as they are written on a card, while they are typed; nothing is kept. */
final class WrittenBowlsController extends Controller
{
    public function __invoke(
        WrittenBowlsRequest $request,
        Visit $visit,
        WrittenBowls $written,
        SalonShelf $shelves,
    ): JsonResponse {
        $this->authorize('view', $visit);
        $shelf = $shelves->forVisit($visit);
        $rules = $visit->rules();
        $bowls = [];
        foreach ($written->read($request->text(), $visit) as ['sheet' => $sheet, 'rest' => $rest]) {
            $worked = $problem = null;
            $place = '';
            try {
                $bowl = $sheet === null ? null : ReadBowl::from($sheet, $shelf);
                $place = implode('; ', array_map(
                    static fn (Stroke $stroke): string => Say::name($stroke->words()),
                    $bowl->strokes ?? [],
                ));
                $worked = $bowl === null ? null : WorkedBowlResource::of($bowl, $shelf, $rules)->toArray();
            } catch (CoreException $refusal) {
                $problem = Say::refusal($refusal);
            }
            $bowls[] = ['sheet' => $sheet, 'rest' => $rest, 'worked' => $worked, 'place' => $place, 'problem' => $problem];
        }

        return new JsonResponse(['bowls' => $bowls]);
    }
}
