<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\SubstituteRequest;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\Record\StandIns;
use Illuminate\Http\JsonResponse;

/** The best blends that can stand in for a shade of a bowl, each as the whole changed bowl. */
final class SubstituteController extends Controller
{
    public function __invoke(SubstituteRequest $request, SalonShelf $shelves): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $shelf = $shelves->of($salon);
        $found = StandIns::for(ReadBowl::from($request->bowl(), $shelf, '/bowl'), $request->product(), $request->why(), $shelf, $salon->rules());

        return new JsonResponse(array_map(fn (array $each): array => [
            'words' => $each['blend']->words(), 'differs' => $each['blend']->differsInWords(), 'distance' => $each['blend']->distance->decimal(2), 'sheet' => WriteBowl::toArray($each['sheet']),
        ], $found));
    }
}
