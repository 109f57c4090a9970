<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Fact;
use Core\Refusal;
use Core\Units\Grams;

final class UnworkableBowl extends Refusal
{
    public static function sharesGiveNoAmount(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.shares-give-no-amount'));
    }

    public static function fixedIngredientGiven(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.fixed-ingredient-given'));
    }

    public static function noSuchIngredient(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.no-such-ingredient'));
    }

    public static function noDeveloperToGive(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.no-developer-to-give'));
    }

    public static function emptyPart(string $part): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.empty-part', part: $part));
    }

    public static function partsDiffer(int $ratioParts, int $filledParts): self
    {
        return new self(Fact::of(
            'refusals.unworkable-bowl.parts-differ',
            ratioParts: $ratioParts,
            filledParts: $filledParts,
        ));
    }

    public static function nothing(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.nothing'));
    }

    public static function belowStep(string $label, string $step): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.below-step', label: $label, step: $step));
    }

    public static function tooLarge(Grams $total, Grams $limit): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.too-large', total: $total->text(), limit: $limit->text()));
    }

    public static function sharesNotKnown(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.shares-not-known'));
    }

    public static function moreThanIsLeft(string $name, string $wanted, Grams $there): self
    {
        return new self(Fact::of(
            'refusals.unworkable-bowl.more-than-is-left',
            wanted: $wanted,
            name: $name,
            there: $there->text(),
        ));
    }

    public static function twoLines(string $one, string $other): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.two-lines', one: $one, other: $other));
    }

    public static function gramsForMerging(string $letter): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.grams-for-merging', letter: $letter));
    }

    public static function extraTwice(string $product): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.extra-twice', product: $product));
    }

    public static function contradiction(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.contradiction'));
    }

    public static function amountNotKnown(): self
    {
        return new self(Fact::of('refusals.unworkable-bowl.amount-not-known'));
    }
}
