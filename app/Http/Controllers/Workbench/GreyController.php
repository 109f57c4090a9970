<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Advice\GreyAdvice;
use Core\Units\Fraction;
use Illuminate\Http\JsonResponse;

/** What grey asks of the colour part. */
final class GreyController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $advice = GreyAdvice::for(
            $request->integer('percent', 50),
            $request->boolean('resistant'),
            $request->salon()->rules(),
        );
        $percent = fn (Fraction $share): string => $share->times(Fraction::of(100))->decimal(0).' %';
        $share = $advice->least->equals($advice->most)
            ? $percent($advice->least)
            : "{$percent($advice->least)} to {$percent($advice->most)}";

        $natural = $request->filled('line') ? $advice->natural(
            $request->shelf()->productsOf($request->line()),
            $request->number('level', '6'),
        ) : null;

        return new JsonResponse((new AnswerResource(
            $advice->most->isZero() ? 'No natural needed' : "{$share} natural",
            [
                ['label' => 'Natural in the colour', 'value' => $share],
                ['label' => 'Strength', 'value' => $advice->strength->show()],
                [
                    'label' => 'More time',
                    'value' => $advice->extraMinutes[1] === 0
                        ? 'none'
                        : "{$advice->extraMinutes[0]} to {$advice->extraMinutes[1]} min",
                ],
            ],
            $advice->why,
            [],
            $natural->ingredients ?? [],
            fragment: $natural === null ? null : [
                'line' => $request->text('line'),
                'part' => 0,
                'ingredients' => array_map(
                    fn (array $each): array => ['product' => $each['product'], 'share' => $each['share']],
                    $natural->ingredients,
                ),
            ],
        ))->toArray());
    }
}
