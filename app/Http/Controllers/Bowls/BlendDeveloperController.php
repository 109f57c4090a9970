<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\BlendDeveloperRequest;
use Core\Units\Strength;
use Illuminate\Http\JsonResponse;

/** How a line's developers reach a wanted strength, as the ingredients of the developer part. */
final class BlendDeveloperController extends Controller
{
    public function __invoke(BlendDeveloperRequest $request, SalonShelf $shelves): JsonResponse
    {
        $shelf = $shelves->of($this->member($request)->salon);
        $line = $shelf->line($request->line()) ?? abort(404);
        $wanted = Strength::parse($request->wish());
        $ingredients = $shelf->developersReaching($line, $wanted);

        return new JsonResponse([
            'ingredients' => $ingredients,
            'strength' => $wanted->show(),
            'blended' => count($ingredients) > 1,
        ]);
    }
}
