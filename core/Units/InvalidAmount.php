<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Refusal;

final class InvalidAmount extends Refusal
{
    public static function empty(): self
    {
        return new self('There is no amount.', 'Write grams, such as 60 g.');
    }

    public static function unreadable(string $text): self
    {
        return new self("“{$text}” is not an amount.", 'Write a number and a unit, such as 60 g, 90 ml, 2 wt oz or 1/2 tube.');
    }

    public static function negative(string $text): self
    {
        return new self("“{$text}” is below zero.", 'An amount is zero or more.');
    }

    public static function absurd(string $text, int $largestGrams): self
    {
        return new self("“{$text}” is more than any bowl holds ({$largestGrams} g).", 'Check the number and the unit.');
    }

    public static function tooFine(string $text): self
    {
        return new self("“{$text}” is finer than a hundredth of a gram.", 'Write at most two decimals.');
    }

    public static function unknownUnit(string $text, string $unit): self
    {
        return new self("“{$unit}” in “{$text}” is not a unit known here.", 'Use g, kg, ml, wt oz, US fl oz, imp fl oz, tube, or a measure the salon has weighed once.');
    }

    public static function ambiguousComma(string $text): self
    {
        return new self("“{$text}” could be thousands or thousandths.", 'Write 1000 g or 1.0 g.');
    }

    public static function ambiguousOunce(string $text): self
    {
        return new self("“{$text}” could be a weight ounce (28.35 g) or a fluid ounce (29.57 ml US, 28.41 ml imperial).", 'Write wt oz, US fl oz or imp fl oz, or set the ounce in the house rules.');
    }

    public static function noPackSize(string $text): self
    {
        return new self("“{$text}” cannot be worked: this product has no pack size.", 'Write grams, or give the product its pack size.');
    }

    public static function notOnStep(string $text, string $step): self
    {
        return new self("“{$text}” is not on the scale's step of {$step}.", "Write a multiple of {$step}.");
    }
}
