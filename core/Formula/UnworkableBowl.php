<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Refusal;
use Core\Units\Grams;

final class UnworkableBowl extends Refusal
{
    public static function sharesGiveNoAmount(): self
    {
        return new self('The shares do not say how much: none of them is in grams, or one takes the rest.', 'Give the total, the colour, the developer or one product in grams.');
    }

    public static function fixedIngredientGiven(): self
    {
        return new self('The bowl is given by a product whose share is already in grams.', 'Give the bowl by another product, or let this one have a proportional share.');
    }

    public static function noSuchIngredient(): self
    {
        return new self('The bowl is given by a product that is not in it.', 'Choose one of its products, or give the total.');
    }

    public static function noDeveloperToGive(): self
    {
        return new self('The bowl is given by its developer, but it has none.', 'Give the total or the colour instead.');
    }

    public static function emptyPart(string $part): self
    {
        return new self("Nothing is chosen for the {$part}.", "Choose at least one product for the {$part}.");
    }

    public static function partsDiffer(int $ratioParts, int $filledParts): self
    {
        return new self("The ratio has {$ratioParts} parts, but {$filledParts} are filled.", 'Fill every part of the ratio, or change the ratio.');
    }

    public static function nothing(): self
    {
        return new self('The bowl comes to nothing.', 'Give it an amount above zero.');
    }

    public static function belowStep(string $label, string $step): self
    {
        return new self("{$label} comes to less than the scale's step of {$step}.", 'Make the bowl larger, or the share.');
    }

    public static function tooLarge(Grams $total, Grams $limit): self
    {
        return new self("The bowl comes to {$total->text()}, more than any bowl holds ({$limit->text()}).", 'Check the amount and its unit.');
    }

    public static function sharesNotKnown(): self
    {
        return new self('How this part of the bowl is made up is not known.', 'Weigh it, or write its shares; then it can be changed.');
    }

    public static function moreThanIsLeft(string $name, string $wanted, Grams $there): self
    {
        return new self("{$wanted} of “{$name}” is more than there is of it ({$there->text()}).", 'Take less of it, or mix fresh.');
    }

    public static function twoLines(string $one, string $other): self
    {
        return new self("One of the bowls is {$one}, the other {$other}: two lines do not mix in one bowl.", 'Keep them as two bowls.');
    }

    public static function gramsForMerging(string $letter): self
    {
        return new self("How many grams are in bowl {$letter} is not known.", 'Give its total, or weigh it; then the two can be one.');
    }

    public static function extraTwice(string $product): self
    {
        return new self("Both bowls have {$product} as something extra, and it does not count alike or is not known.", 'Say how it counts in both, and its grams.');
    }

    public static function contradiction(): self
    {
        return new self('The amounts of this bowl contradict each other.', 'Check its grams against its ratio and its total; leave out what is not sure.');
    }

    public static function amountNotKnown(): self
    {
        return new self('An amount in this bowl is not known.', 'Pour it freely and let the scale say it, or write its grams.');
    }
}
