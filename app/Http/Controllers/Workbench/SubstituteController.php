<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Formulas\StockRows;
use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use App\Words\Say;
use Core\Advice\GreyAdvice;
use Core\Fact;
use Core\Pigment\Ladder;
use Core\Shelf\Pigment;
use Core\Shelf\ReadCode;
use Core\Substitution\Blend;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Substitution\OtherWay;
use Core\Substitution\OtherWays;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Illuminate\Http\JsonResponse;

/** What stands in for a shade that is out, from the rest of its line. */
final class SubstituteController extends Controller
{
    public function __invoke(InstrumentRequest $request, StockRows $rows): JsonResponse
    {
        $stock = $rows->grams($request->salon());
        $line = $request->line();
        $rules = $request->salon()->rules();
        $wanted = Pigment::read(ReadCode::by($line->legend, $request->text('code')));
        $grams = $request->grams('60 g');
        $natural = $request->integer('percent') === 0 ? Fraction::zero() : GreyAdvice::for(
            $request->integer('percent'),
            false,
            $rules,
        )->least;
        $code = mb_strtoupper(str_replace([' ', ','], ['', '.'], $request->text('code')));
        $shelf = [];
        foreach ($request->shelf()->productsOf($line) as $product) {
            if ($product->pigment !== null && mb_strtoupper($product->code) !== $code) {
                $shelf[] = new Candidate(
                    $product->id,
                    $product->label(),
                    $product->pigment,
                    $stock[$product->id] ?? null,
                );
            }
        }
        $found = FindBlends::for($wanted, $grams, $shelf, $natural, $rules);

        return new JsonResponse((new AnswerResource(
            Say::words($found[0]->of()),
            [...array_map(fn (Blend $blend): array => [
                'label' => Say::words($blend->of()),
                'value' => Fact::of(
                    'why.blend.at-distance', differs: $blend->said(), distance: $blend->distance->decimal(2),
                ),
            ], $found), ...array_map(fn (OtherWay $way): array => [
                'label' => Say::either($way->of()),
                'value' => $way->differs(),
            ], OtherWays::for($wanted, '', $line, $request->shelf()))],
            [
                Say::plain(
                    'Distance, in levels: how far the level is off, plus every difference of pigment. No other blend of up to three shades of this line comes nearer by a hundredth.',
                ),
                ...$found[0]->behaves->why,
                ...(
                    $natural->isZero()
                        ? []
                        : [
                            Say::plain('Grey to cover: at least :percent % natural comes first.', [
                                'percent' => $natural->times(Fraction::of(100))->decimal(0),
                            ]),
                        ]
                ),
            ],
            [
                ['label' => Say::plain('wanted'), 'hex' => $this->swatch($wanted->level, $wanted->tone)],
                ...array_map(
                    fn (Blend $blend): array => [
                        'label' => count($blend->parts) === 1
                            ? Say::plain('one shade')
                            : Say::plain(':count shades', ['count' => (string) count($blend->parts)]),
                        'hex' => $this->swatch(
                            $blend->behaves->level?->value(),
                            $blend->behaves->tone ?? ToneMix::none(),
                        ),
                    ],
                    $found,
                ),
            ],
            fragment: [
                'line' => $line->id,
                'part' => 0,
                'ingredients' => array_map(
                    fn (array $part): array => [
                        'product' => $part['candidate']->key,
                        'share' => $part['grams']->text(),
                    ],
                    $found[0]->parts,
                ),
            ],
        ))->toArray());
    }

    private function swatch(?Fraction $level, ToneMix $tone): string
    {
        return Ladder::of($level ?? Fraction::of(8), $tone)->hex();
    }
}
