<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Advice\FillAdvice;
use Core\Hair\HairHistory;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Illuminate\Http\JsonResponse;

/** Whether lightened hair that goes darker needs a filler, and from what. */
final class FillController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $advice = FillAdvice::for(
            start: $request->number('level', '9'),
            history: $request->choice('history', HairHistory::Lightened),
            target: $request->number('target', '6'),
            wish: $request->wish() ?? ToneMix::only(ToneFamily::Brown),
            shelf: $request->shelf()->productsOf($request->line()),
            rules: $request->salon()->rules(),
        );

        $line = $request->line();
        $ingredients = $advice->filler?->weighed(
            $request->grams('40 g'),
            $request->salon()->rules()->step,
        )->ingredients ?? [];

        return new JsonResponse((new AnswerResource(
            $advice->needed ? ($advice->filler === null ? 'A filler is missing' : 'Fill first') : 'No filler needed',
            [
                ...($advice->pigment === null ? [] : [[
                    'label' => 'Pigment to put back',
                    'value' => $advice->pigment->name,
                ]]),
                ...($advice->filler?->minutes === null ? [] : [[
                    'label' => 'Time',
                    'value' => "{$advice->filler->minutes} min",
                ]]),
            ],
            $advice->why,
            [],
            $ingredients,
            fragment: $ingredients === [] ? null : [
                'line' => $line->id,
                'part' => 0,
                'ingredients' => array_map(
                    fn (array $each): array => ['product' => $each['product'], 'share' => $each['share']],
                    $ingredients,
                ),
            ],
        ))->toArray());
    }
}
