<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\Additive;
use Core\Formula\BowlAmount;
use Core\Formula\DoseKind;
use Core\Formula\OpenAmount;
use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\HouseRules;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\Rounding;
use Core\Weighing\PlannedLine;

/**
 * A bowl in which some amount is not known. What is known is kept as it is, the rest is said as bounds;
 * nothing is replaced by a default or by equal shares.
 */
final readonly class OpenBowl
{
    /**
     * @param  non-empty-list<array{product: Product, amount: OpenAmount, part: int}>  $ingredients
     * @param  ?MixRatio  $ratio  as written; it computes nothing here
     * @param  ?BowlAmount  $amount  as written; null where none is
     * @param  list<Additive>  $additives
     */
    private function __construct(private array $ingredients, public ?MixRatio $ratio, public ?BowlAmount $amount, public array $additives)
    {
    }

    /** Whether any product of the bowl has an amount that is not simply known. */
    public static function isOne(JsonNode $bowl): bool
    {
        foreach ($bowl->at('parts')->items(4) as $part) {
            foreach ($part->at('ingredients')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
                if (is_string($entry->at('share')->value()) && OpenAmount::isOpen($entry->at('share')->text())) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  callable(JsonNode, int): ?Product  $product  the product of an entry of a part, null with a problem
     * @param  list<Additive>  $additives
     */
    public static function read(JsonNode $bowl, Shelf $shelf, callable $product, ?MixRatio $ratio, ?BowlAmount $amount, array $additives): ?self
    {
        $ingredients = [];
        foreach ($bowl->at('parts')->items(4) as $index => $part) {
            foreach ($part->at('ingredients')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
                $chosen = $product($entry->at('product'), $index);
                if ($chosen === null) {
                    continue;
                }
                $share = $entry->at('share')->text();
                if (! OpenAmount::isOpen($share) && preg_match('/[a-z]/iu', $share) !== 1) {
                    $entry->at('share')->problem('Beside an amount that is not known, a share says nothing.', 'Give this product in grams.');

                    continue;
                }
                $weighed = $entry->at('share')->through(static fn (string $text): OpenAmount => OpenAmount::parse($text, $shelf->readingFor($chosen)));
                if ($weighed instanceof OpenAmount) {
                    $ingredients[] = ['product' => $chosen, 'amount' => $weighed, 'part' => $index];
                }
            }
        }

        return $ingredients === [] ? null : new self($ingredients, $ratio, $amount, $additives);
    }

    /**
     * As it is poured: what is known to its grams, the rest by eye.
     *
     * @return non-empty-list<PlannedLine>
     */
    public function lines(): array
    {
        $lines = array_map(static fn (array $each): PlannedLine => new PlannedLine(
            $each['product']->id, $each['product']->label(), $each['part'], $each['amount']->isKnown() ? $each['amount']->least : Grams::zero(), $each['product']->strength, ! $each['amount']->isKnown(),
        ), $this->ingredients);
        foreach ($this->additives as $additive) {
            // A dose by the gram of something that is not known is not known either.
            $known = $additive->dose->kind === DoseKind::PerBowl;
            $lines[] = new PlannedLine($additive->key, $additive->label, null, $known ? Grams::ofCentigrams($additive->dose->value->rounded(1, Rounding::HalfUp)) : Grams::zero(), null, ! $known);
        }

        return $lines;
    }

    /** @return array<string, mixed> */
    public function worked(HouseRules $rules): array
    {
        $least = Grams::sum(array_map(static fn (array $each): Grams => $each['amount']->least, $this->ingredients));
        $most = null;
        $bounded = array_reduce($this->ingredients, static fn (bool $all, array $each): bool => $all && $each['amount']->most !== null, true);
        if ($bounded) {
            $most = Grams::sum(array_map(static fn (array $each): Grams => $each['amount']->most ?? Grams::zero(), $this->ingredients));
        }
        $judged = $this->judgement($rules);
        $open = array_values(array_filter($this->ingredients, static fn (array $each): bool => ! $each['amount']->isKnown()));

        return [
            'kind' => 'open',
            'total' => $most === null ? "at least {$least->text()}" : "{$least->text()} to {$most->text()}",
            'ingredients' => array_map(static fn (array $each): array => [
                'product' => $each['product']->id, 'label' => $each['product']->label(), 'part' => $each['part'],
                'grams' => $each['amount']->words(), 'known' => $each['amount']->isKnown(),
            ], $this->ingredients),
            'level' => $judged?->level?->show(1),
            'pigmentShare' => $judged?->pigmentShare->show(2),
            'why' => ['level' => $judged->why ?? []],
            'warnings' => array_map(static fn (array $each): array => [
                'key' => 'not-known',
                'reason' => "{$each['product']->label()}: {$each['amount']->words()}.",
                'mend' => 'Weigh the bowl before and after, and write the grams.',
            ], $open),
        ];
    }

    private function judgement(HouseRules $rules): ?MixJudgement
    {
        $weighed = [];
        foreach ($this->ingredients as $each) {
            if ($each['part'] !== 0) {
                continue;
            }
            if ($each['product']->pigment === null) {
                return null;
            }
            // Where nothing bounds it, as much as any bowl holds is the outer edge.
            $most = $each['amount']->most ?? Grams::ofCentigrams(Grams::LARGEST_TYPED * 100);
            $weighed[] = Weighed::between($each['product']->label(), $each['product']->pigment, $each['amount']->least->exactly(), $most->exactly());
        }

        return $weighed === [] || array_reduce($weighed, static fn (Fraction $sum, Weighed $each): Fraction => $sum->plus($each->most), Fraction::zero())->isZero() ? null : MixJudgement::of($weighed, $rules);
    }
}
