<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Formulas\StockRows;
use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Advice\GreyAdvice;
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
            $found[0]->words(),
            [...array_map(fn (Blend $blend): array => [
                'label' => $blend->words(),
                'value' => $blend->differsInWords()." (distance {$blend->distance->decimal(2)})",
            ], $found), ...array_map(fn (OtherWay $way): array => [
                'label' => $way->key === 'double-pigment'
                    ? $way->product->label()
                    : "{$way->product->label()} of {$way->line->name}",
                'value' => $way->key === 'double-pigment'
                    ? 'double pigment: stronger, and covers grey better'
                    : 'another line: its own developer and time',
            ], OtherWays::for($wanted, '', $line, $request->shelf()))],
            [
                'Distance, in levels: how far the level is off, plus every difference of pigment. No other blend of up to three shades of this line comes nearer by a hundredth.',
                ...$found[0]->behaves->why,
                ...(
                    $natural->isZero()
                        ? []
                        : [
                            "Grey to cover: at least {$natural->times(Fraction::of(100))->decimal(0)} % natural comes first.",
                        ]
                ),
            ],
            [
                ['label' => 'wanted', 'hex' => $this->swatch($wanted->level, $wanted->tone)],
                ...array_map(
                    fn (Blend $blend): array => [
                        'label' => count($blend->parts) === 1 ? 'one shade' : count($blend->parts).' shades',
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
