<?php

declare(strict_types=1);

namespace App\Http\Resources\Bowls;

use App\Formulas\BowlRows;
use App\Words\Say;
use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\ExplainBowl;
use Core\Formula\Extra;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Formula\KnownPart;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Judgement\JudgeBowl;
use Core\Judgement\MixJudgement;
use Core\Pigment\Ladder;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Stock\EnoughForBowl;
use Core\Stock\StockLevel;
use Core\Units\Fraction;
use Core\Units\Rounding;
use Core\Units\Strength;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What is known of a bowl, in words and numbers ready to be shown.
 *
 * @property KnownBowl $resource
 */
final class WorkedBowlResource extends JsonResource
{
    /** @param  list<Caution>  $cautions */
    private function __construct(
        private readonly BowlSheet $sheet,
        KnownBowl $known,
        private readonly ?MixJudgement $judgement,
        private readonly array $cautions,
        private readonly ?EnoughForBowl $enough,
    ) {
        parent::__construct($known);
    }

    /**
     * The bowl worked, judged, explained, and looked over for what needs care.
     *
     * @param  ?array<string, StockLevel>  $stock  what there is, where the bowl is still to be mixed
     */
    public static function of(BowlSheet $sheet, Shelf $shelf, HouseRules $rules, ?array $stock = null): self
    {
        $known = resolve(BowlRows::class)->known($sheet, $rules);
        $line = $shelf->line($sheet->line);

        return new self(
            $sheet,
            $known,
            JudgeBowl::of($known, $rules),
            $line === null ? [] : Cautions::ofBowl($sheet, $known, $line),
            $stock === null ? null : EnoughForBowl::of($known, $shelf, $stock),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $known = $this->resource;
        $worked = $known->worked;

        return [
            'known' => $worked !== null,
            'ratio' => $known->ratio,
            'parts' => array_map(fn (KnownPart $part): array => [
                'name' => $part->name,
                'grams' => $part->mass->show(),
                'ingredients' => array_map(
                    $this->line(...),
                    array_values(array_filter($part->lines, fn (KnownLine $line): bool => ! $line->isExtra())),
                ),
            ], $known->parts),
            'additives' => array_map(
                $this->line(...),
                array_values(array_filter($known->beside, fn (KnownLine $line): bool => ! $line->isExtra())),
            ),
            'extras' => array_map(fn (Extra $extra): array => [
                'product' => $extra->product->id, 'label' => $extra->product->label(),
                'grams' => $extra->amount->isKnown()
                    ? $extra->amount->least->show($known->total->step)
                    : $extra->amount->show(),
                'counts' => $extra->counts->value === '' ? 'not said' : $extra->counts->value,
            ], $this->sheet->extras),
            'uses' => array_map(
                fn (BowlUse $use): array => ['job' => $use->job, 'grams' => $use->grams->text()],
                $this->sheet->uses,
            ),
            'total' => $known->total->show(),
            'asked' => $worked?->differsFromAsked() === true ? $worked->asked?->show($worked->step) : null,
            'strength' => $known->developer === null ? null : [
                'developer' => Strength::words($known->developer),
                'onHead' => $known->onHead === null ? null : Strength::words($known->onHead),
            ],
            'why' => Say::all(array_merge(
                [],
                ...array_values($worked === null || $this->sheet->bowl === null ? [] : ExplainBowl::why(
                    $this->sheet->bowl,
                    $worked,
                )),
            )),
            'enough' => $this->enough === null ? null : [
                'times' => $this->enough->times,
                'first' => $this->enough->first,
                'short' => array_map(
                    static fn (Fact $short): array => ['message' => Say::words($short), 'mend' => Say::mend($short)],
                    $this->enough->short,
                ),
            ],
            'warnings' => array_map(Say::caution(...), $this->cautions),
            'judgement' => $this->judgement === null ? null : [
                'level' => $this->judgement->level?->show(1),
                'tone' => Say::name($this->judgement->toneWords()),
                'pigment' => $this->judgement->pigmentShare->show(2),
                'swatch' => $this->swatch($this->judgement),
                'why' => Say::all($this->judgement->why),
            ],
        ];
    }

    /** Drawn only where level and tone are known: a middle would be a guess. */
    private function swatch(MixJudgement $judgement): ?string
    {
        $level = $judgement->level?->value();

        return $level === null || $judgement->tone === null ? null : Ladder::of($level, $judgement->tone)->hex();
    }

    /** @return array{product: string, label: string, grams: string, percent: ?string, wedge: ?float} */
    private function line(KnownLine $line): array
    {
        $share = $line->ofAll?->value();

        return [
            'product' => $line->key,
            'label' => $line->label,
            'grams' => $line->amount(),
            'percent' => $line->percent(1),
            // How much of the drawn bowl it takes; null where that is not known.
            'wedge' => $share === null ? null : $share->times(Fraction::of(10_000))->rounded(
                1,
                Rounding::HalfUp,
            ) / 10_000,
        ];
    }
}
