<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Codec\BowlSheet;
use Core\Codec\WriteBowl;
use Core\Formula\AmountKind;
use Core\Formula\WorkedPart;
use Core\Practice\HouseRules;
use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Share;

/** A bowl under change: what it is now, and its JSON with one part of it written anew. */
final readonly class BowlRewrite
{
    /** @var array<string, mixed> the bowl in the shape ReadBowl reads */
    public array $json;

    public function __construct(public BowlSheet $sheet, public Shelf $shelf, public HouseRules $rules)
    {
        $this->json = WriteBowl::toArray($sheet);
    }

    /** @throws \Core\Formula\UnworkableBowl where an amount is not known */
    public function colour(): WorkedPart
    {
        return $this->sheet->work($this->rules->step)->parts[0];
    }

    public function line(): Line
    {
        return $this->shelf->line($this->sheet->line) ?? throw ChangeRefused::noSuchShade('line any more');
    }

    /**
     * @param  list<array<string, mixed>>  $ingredients
     * @return array<string, mixed>
     */
    public function withPart(int $part, array $ingredients): array
    {
        $parts = [];
        foreach ($this->sheet->entries as $index => $entries) {
            $parts[] = ['ingredients' => $index === $part ? $ingredients : array_map(static fn ($entry): array => $entry->toArray(), $entries)];
        }
        $json = ['parts' => $parts] + $this->json;
        $amount = $this->sheet->bowl?->amount;
        // Shares in percent say no amount by themselves: the bowl keeps the colour it had.
        if ($part === 0 && $this->sheet->details->uses === [] && in_array($amount?->kind, [AmountKind::Shares, AmountKind::Ingredient], true)) {
            $json['amount'] = ['of' => 'colour', 'grams' => $this->colour()->total->text(), 'ingredient' => null];
        }

        return $json;
    }

    /**
     * The colour part with this share of it given to a product, the rest as it was among itself.
     *
     * @return array<string, mixed>
     */
    public function withShareOf(Product $product, Fraction $share): array
    {
        $worked = $this->colour();
        $rest = $others = Fraction::one()->minus($share);
        foreach ($worked->ingredients as $each) {
            if ($each->key === $product->id) {
                $others = Fraction::one()->minus($each->share);
            }
        }
        $mine = array_filter($worked->ingredients, static fn ($each): bool => $each->key === $product->id) !== [];
        $whole = $mine ? $others : Fraction::one();
        $percents = [$product->id => $share->times(Fraction::of(100))];
        foreach ($worked->ingredients as $each) {
            if ($each->key !== $product->id && ! $whole->isZero()) {
                $percents[$each->key] = $each->share->dividedBy($whole)->times($rest)->times(Fraction::of(100));
            }
        }

        return $this->withPart(0, self::proportions($percents));
    }

    /**
     * As people write shares: percentages where they are short ones, else parts to two decimals.
     *
     * @param  array<string, Fraction>  $percents  by product id
     * @return list<array{product: string, share: string}>
     */
    public static function proportions(array $percents): array
    {
        $short = array_reduce($percents, static fn (bool $all, Fraction $each): bool => $all && Fraction::parse($each->decimal(1))->equals($each), true);

        return array_map(static fn (string|int $key, Fraction $each): array => [
            'product' => (string) $key, 'share' => $short ? Share::percent($each)->text() : $each->decimal(2),
        ], array_keys($percents), $percents);
    }
}
