<?php

declare(strict_types=1);

namespace App\Http\Resources\Bowls;

use Core\Shelf\Shelf;
use Core\Colour\HairLadder;
use Core\Codec\BowlSheet;
use Core\Judgement\BowlWarnings;
use Core\Formula\ExplainBowl;
use Core\Codec\OpenBowl;
use Core\Judgement\Caution;
use Core\Judgement\JudgeBowl;
use Core\Judgement\MixJudgement;
use Core\Formula\WorkedBowl;
use Core\Formula\WorkedIngredient;
use Core\Formula\WorkedPart;
use Core\Practice\HouseRules;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A worked bowl in words and numbers ready to be shown.
 *
 * @property WorkedBowl $resource
 */
final class WorkedBowlResource extends JsonResource
{
    /**
     * @param  array<string, list<string>>  $why
     * @param  list<Caution>  $warnings
     * @param  array<string, mixed>  $extras
     * @param  list<array{job: string, grams: string}>  $uses
     */
    private function __construct(WorkedBowl $bowl, private readonly ?MixJudgement $judgement, private readonly array $why, private readonly array $warnings, private readonly array $extras, private readonly array $uses)
    {
        parent::__construct($bowl);
    }

    /** The bowl worked, judged, explained, and looked over for what needs care. */
    public static function of(BowlSheet $sheet, Shelf $shelf, HouseRules $rules): self
    {
        $worked = $sheet->work($rules->step);
        $line = $shelf->line($sheet->line);

        return new self(
            $worked,
            JudgeBowl::of($worked, $shelf->pigments(), $rules, $sheet->extras->weighed()),
            $sheet->bowl === null ? [] : ExplainBowl::why($sheet->bowl, $worked),
            [...($line === null ? [] : BowlWarnings::of($sheet, $worked, $line)), ...$sheet->extras->warnings($worked)],
            $sheet->extras->worked($worked),
            $sheet->details->uses,
        );
    }

    /**
     * A bowl whose amounts are not all known: what is, and bounds for the rest.
     *
     * @return array<string, mixed> of the same shape
     */
    public static function open(OpenBowl $open, HouseRules $rules): array
    {
        $worked = $open->worked($rules);
        $parts = [];
        foreach ($worked['ingredients'] as $each) {
            $parts[$each['part']]['ingredients'][] = ['product' => $each['product'], 'label' => $each['label'], 'grams' => $each['grams'], 'percent' => null, 'wedge' => 1 / count($worked['ingredients'])];
        }
        ksort($parts);

        return [
            'ratio' => 'by eye',
            'parts' => array_values(array_map(fn (array $part): array => ['name' => '', 'grams' => ''] + $part, $parts)),
            'additives' => [], 'extras' => [], 'uses' => [], 'withExtras' => null,
            'total' => $worked['total'], 'asked' => null, 'strength' => null,
            'why' => array_merge(...array_values($worked['why'])),
            'warnings' => $worked['warnings'],
            'judgement' => $worked['level'] === null ? null : ['level' => $worked['level'], 'tone' => '', 'pigment' => (string) $worked['pigmentShare'], 'swatch' => null, 'why' => []],
        ];
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $bowl = $this->resource;
        $strength = $bowl->developerStrength();

        return [
            'ratio' => $bowl->ratio->show(),
            'parts' => array_map(fn (WorkedPart $part): array => [
                'name' => $part->name,
                'grams' => $part->total->show($bowl->step),
                'ingredients' => array_map($this->ingredient(...), $part->ingredients),
            ], $bowl->parts),
            'additives' => array_map($this->ingredient(...), $bowl->additives),
            'extras' => $this->extras['extras'] ?? [],
            'withExtras' => $this->extras === [] ? null : ['total' => $this->extras['totalWithExtras'], 'ratio' => $this->extras['ratioWithExtras']],
            'uses' => $this->uses,
            'total' => $bowl->total()->show($bowl->step),
            'asked' => $bowl->differsFromAsked() ? $bowl->asked?->show($bowl->step) : null,
            'strength' => $strength === null ? null : ['developer' => $strength->show(), 'onHead' => $bowl->strengthOnHead()?->show()],
            'why' => array_merge(...array_values($this->why)),
            'warnings' => array_map(fn (Caution $caution): array => ['key' => $caution->key, 'reason' => $caution->reason, 'mend' => $caution->mend], $this->warnings),
            'judgement' => $this->judgement === null ? null : [
                'level' => $this->judgement->level?->show(1),
                'tone' => $this->judgement->tone->words(),
                'pigment' => $this->judgement->pigmentShare->show(2),
                'swatch' => $this->judgement->level === null ? null : HairLadder::of($this->judgement->level->middle(), $this->judgement->tone)->hex(),
                'why' => $this->judgement->why,
            ],
        ];
    }

    /** @return array{product: string, label: string, grams: string, percent: ?string, wedge: float} */
    private function ingredient(WorkedIngredient $ingredient): array
    {
        return [
            'product' => $ingredient->key,
            'label' => $ingredient->label,
            'grams' => $ingredient->grams->show($this->resource->step),
            'percent' => $ingredient->share->isZero() ? null : $ingredient->share->times(Fraction::of(100))->decimal(1).' %',
            'wedge' => self::wedge($ingredient->grams, $this->resource->total()),
        ];
    }

    /** How much of the drawn bowl this takes, 0 to 1. */
    private static function wedge(Grams $grams, Grams $total): float
    {
        return Fraction::of($grams->centigrams * 10_000, $total->centigrams)->rounded(1, Rounding::HalfUp) / 10_000;
    }
}
