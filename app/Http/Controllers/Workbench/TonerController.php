<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Advice\TonerAdvice;
use Core\Hair\Porosity;
use Core\Pigment\Ladder;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Illuminate\Http\JsonResponse;

/** Toners for the level reached. */
final class TonerController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $advice = TonerAdvice::for(
            reached: $request->number('level', '9'),
            wishLevel: $request->optionalNumber('wishLevel'),
            wish: $request->wish() ?? ToneMix::only(ToneFamily::Natural),
            damp: $request->boolean('damp'),
            porosity: $request->choice('porosity', Porosity::Normal),
            shelf: $request->shelf()->productsOf($request->line()),
            rules: $request->salon()->rules(),
        );
        $swatches = [];
        foreach ($advice->toners as $toner) {
            $pigment = $toner['product']->pigment;
            $swatches[] = [
                'label' => $toner['product']->label(),
                'hex' => Ladder::of($pigment->level ?? Fraction::of(8), $pigment->tone ?? ToneMix::none())->hex(),
            ];
        }

        return new JsonResponse((new AnswerResource(
            $advice->toners === [] ? 'This line has no toner' : 'Tone with '.$advice->toners[0]['product']->label(),
            array_map(
                fn (array $toner): array => ['label' => $toner['product']->label(), 'value' => $toner['why']],
                $advice->toners,
            ),
            $advice->why,
            $swatches,
            fragment: $advice->toners === [] ? null : [
                'line' => $request->text('line'),
                'part' => 0,
                'ingredients' => [['product' => $advice->toners[0]['product']->id, 'share' => 'all']],
            ],
            alarms: $advice->liftFurther ? ['Toning alone does not reach the wish.'] : [],
        ))->toArray());
    }
}
