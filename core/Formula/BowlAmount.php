<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Grams;

/** How much of a bowl is wanted, given by any one quantity. */
final readonly class BowlAmount
{
    /** @param  array<string, Grams>  $stock grams on the shelf by ingredient key */
    private function __construct(
        public AmountKind $kind,
        public Grams $grams,
        public ?string $ingredient = null,
        public array $stock = [],
    ) {
    }

    public static function total(Grams $grams): self
    {
        return new self(AmountKind::Total, $grams);
    }

    public static function colour(Grams $grams): self
    {
        return new self(AmountKind::Colour, $grams);
    }

    public static function developer(Grams $grams): self
    {
        return new self(AmountKind::Developer, $grams);
    }

    public static function ingredient(string $key, Grams $grams): self
    {
        return new self(AmountKind::Ingredient, $grams, $key);
    }

    public static function shares(): self
    {
        return new self(AmountKind::Shares, Grams::zero());
    }

    /** @param  array<string, Grams>  $stock grams on the shelf by ingredient key; a key left out is not limited */
    public static function stock(array $stock): self
    {
        return new self(AmountKind::Stock, Grams::zero(), null, $stock);
    }
}
