<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Shelf\Product;
use Core\Units\Strength;
use Core\Units\StrengthBlend;
use Illuminate\Http\JsonResponse;

/** A wished strength from a line's developers, in grams. */
final class BlendController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $line = $request->line();
        $step = $request->salon()->rules()->step;
        $wanted = Strength::parse($request->text('text'));
        $developers = $request->shelf()->developersOf($line);
        $blend = StrengthBlend::toReach(
            $wanted,
            array_map(fn (Product $product): Strength => $product->strength ?? $wanted, $developers),
        );
        $ingredients = $words = $poured = [];
        foreach ($blend->weighed($request->grams('90 g'), $step) as ['strength' => $strength, 'grams' => $grams]) {
            $poured[] = [$strength, $grams->exactly()];
            foreach ($developers as $product) {
                if ($product->strength?->equals($strength)) {
                    $ingredients[] = [
                        'product' => $product->id,
                        'label' => $product->label(),
                        'share' => $grams->text(),
                    ];
                    $words[] = "{$grams->text()} of {$product->label()}";
                    break;
                }
            }
        }
        $really = $request->grams('90 g')->isZero() ? $wanted : StrengthBlend::strengthOf($poured);
        [$low, $high] = [$blend->shares[0]['strength'], $blend->shares[count($blend->shares) - 1]['strength']];

        return new JsonResponse((new AnswerResource(
            implode(' and ', $words),
            [
                ['label' => 'Wished', 'value' => $wanted->show()],
                ['label' => 'At the scale’s step', 'value' => $really->show()],
            ],
            $blend->isSingle()
                ? ["{$line->name} has {$low->showVolume()} itself."]
                : [
                    "Share of the stronger: ({$wanted->volume->decimal(2)} − {$low->volume->decimal(2)}) ÷ ({$high->volume->decimal(2)} − {$low->volume->decimal(2)}) = {$blend->shares[1]['share']->decimal(3)}.",
                    'The strength of a blend is the mean of the strengths, by weight.',
                ],
            fragment: [
                'line' => $line->id,
                'part' => 1,
                'ingredients' => array_map(
                    fn (array $each): array => ['product' => $each['product'], 'share' => $each['share']],
                    $ingredients,
                ),
            ],
        ))->toArray());
    }
}
