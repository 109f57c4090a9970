<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Amount;
use Core\Units\Grams;

/** How much of a bowl is wanted, given by any one quantity. */
final readonly class BowlAmount
{
    /** What is surely there: the grams, where they are known. */
    public Grams $grams;

    private function __construct(public AmountKind $kind, public Amount $amount, public ?string $ingredient = null)
    {
        $this->grams = $amount->least;
    }

    public static function of(AmountKind $kind, Amount $amount, ?string $ingredient = null): self
    {
        return $kind === AmountKind::Shares ? self::shares() : new self(
            $kind,
            $amount,
            $kind === AmountKind::Ingredient ? $ingredient : null,
        );
    }

    public static function total(Grams $grams): self
    {
        return new self(AmountKind::Total, Amount::known($grams));
    }

    public static function colour(Grams $grams): self
    {
        return new self(AmountKind::Colour, Amount::known($grams));
    }

    public static function developer(Grams $grams): self
    {
        return new self(AmountKind::Developer, Amount::known($grams));
    }

    /** @param  string  $key  of the product */
    public static function ingredient(string $key, Grams $grams): self
    {
        return new self(AmountKind::Ingredient, Amount::known($grams), $key);
    }

    public static function shares(): self
    {
        return new self(AmountKind::Shares, Amount::known(Grams::zero()));
    }
}
