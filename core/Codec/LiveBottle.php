<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\WorkedBowl;
use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\HouseRules;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;

/** What is left of a bowl, used again with something added: its shares follow from what was left plus what was added. */
final readonly class LiveBottle
{
    /** @param  list<array{product: Product, grams: Grams}>  $added */
    private function __construct(private string $of, private Grams $left, private array $added)
    {
    }

    public static function read(JsonNode $bowl, Shelf $shelf): ?self
    {
        $of = mb_strtoupper($bowl->at('bottle')->at('of')->text());
        $left = $bowl->at('bottle')->at('left')->through($shelf->readingFor(null)->read(...));
        $added = [];
        foreach ($bowl->at('bottle')->at('add')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
            $product = $shelf->product($entry->at('product')->text());
            $grams = $entry->at('grams')->through($shelf->readingFor($product)->read(...));
            if ($product === null) {
                $entry->at('product')->problem('This product is not in the document.', 'List it under its line.');
            } elseif ($grams instanceof Grams) {
                $added[] = ['product' => $product, 'grams' => $grams];
            }
        }

        return $left instanceof Grams ? new self($of, $left, $added) : null;
    }

    /**
     * @param  array<string, WorkedBowl>  $bowls  worked bowls by letter
     * @return array<string, mixed>
     */
    public function worked(JsonNode $node, array $bowls, Shelf $shelf, HouseRules $rules): array
    {
        $from = $bowls[$this->of] ?? null;
        if ($from === null) {
            $node->at('bottle')->at('of')->problem("There is no worked bowl {$this->of} before this one.", 'Name the bowl that was left over; it must stand earlier and be known.');

            return [];
        }
        if ($this->left->isMoreThan($from->total())) {
            $node->at('bottle')->at('left')->problem("{$this->left->text()} left is more than the {$from->total()->text()} of bowl {$this->of}.", 'Check the grams.');

            return [];
        }
        $contents = $from->pouringOrder();
        $exact = array_map(fn ($each): Fraction => $this->left->exactly()->times(Fraction::of($each->grams->centigrams, $from->total()->centigrams)), $contents);
        $grams = [];
        $labels = [];
        $hundredths = array_map(static fn (Fraction $each): int => $each->rounded(1, \Core\Units\Rounding::HalfUp), $exact);
        foreach ($contents as $at => $each) {
            $grams[$each->key] = $hundredths[$at];
            $labels[$each->key] = $each->label;
        }
        foreach ($this->added as ['product' => $product, 'grams' => $more]) {
            $grams[$product->id] = ($grams[$product->id] ?? 0) + $more->centigrams;
            $labels[$product->id] = $product->label();
        }
        $total = $this->left->plus(Grams::sum(array_map(static fn (array $each): Grams => $each['grams'], $this->added)));
        $shown = LargestRemainder::round(array_map(static fn (int $cg): Fraction => Fraction::of($cg), array_values($grams)), Grams::ofCentigrams((int) round($total->centigrams / $rules->step->centigrams()) * $rules->step->centigrams()), $rules->step);

        return [
            'kind' => 'bottle',
            'total' => $total->show($rules->step),
            'ingredients' => array_map(static fn (string|int $key, Grams $each): array => ['product' => (string) $key, 'label' => $labels[$key], 'grams' => $each->show($rules->step)], array_keys($grams), $shown),
            ...$this->judged($grams, $labels, $shelf, $rules),
            'warnings' => [['key' => 'live-bottle', 'reason' => "This is what was left of bowl {$this->of}: it has been working since it was mixed.", 'mend' => "Use it within {$rules->freshnessMinutes} minutes of mixing, or mix fresh."]],
        ];
    }

    /**
     * @param  array<string, int>  $grams  centigrams by product
     * @param  array<string, string>  $labels
     * @return array<string, mixed>
     */
    private function judged(array $grams, array $labels, Shelf $shelf, HouseRules $rules): array
    {
        $weighed = [];
        foreach ($grams as $key => $cg) {
            $pigment = $shelf->product((string) $key)?->pigment;
            if ($pigment !== null) {
                $weighed[] = Weighed::known($labels[$key], $pigment, Fraction::of($cg));
            }
        }
        $judged = $weighed === [] ? null : MixJudgement::of($weighed, $rules);

        return [
            'level' => $judged?->level?->show(1),
            'tone' => $judged?->tone->words(),
            'pigmentShare' => $judged?->pigmentShare->show(2),
            'why' => ['amount' => ["{$this->left->text()} were left of bowl {$this->of}, in its own shares; what was added is on top."], 'level' => $judged->why ?? []],
        ];
    }
}
