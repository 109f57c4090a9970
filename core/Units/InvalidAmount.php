<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class InvalidAmount extends Refusal
{
    public static function empty(): self
    {
        return new self(Fact::of('refusals.invalid-amount.empty'));
    }

    public static function unreadable(string $text): self
    {
        return new self(Fact::of('refusals.invalid-amount.unreadable', text: $text));
    }

    public static function negative(string $text): self
    {
        return new self(Fact::of('refusals.invalid-amount.negative', text: $text));
    }

    public static function absurd(string $text, int $largestGrams): self
    {
        return new self(Fact::of('refusals.invalid-amount.absurd', text: $text, largestGrams: $largestGrams));
    }

    public static function tooFine(string $text): self
    {
        return new self(Fact::of('refusals.invalid-amount.too-fine', text: $text));
    }

    public static function unknownUnit(string $text, string $unit): self
    {
        return new self(Fact::of('refusals.invalid-amount.unknown-unit', unit: $unit, text: $text));
    }

    public static function ambiguousComma(string $text): self
    {
        return new self(Fact::of('refusals.invalid-amount.ambiguous-comma', text: $text));
    }

    public static function ambiguousOunce(string $text): self
    {
        return new self(Fact::of('refusals.invalid-amount.ambiguous-ounce', text: $text));
    }

    public static function noPackSize(string $text): self
    {
        return new self(Fact::of('refusals.invalid-amount.no-pack-size', text: $text));
    }

    public static function notOnStep(string $text, string $step): self
    {
        return new self(Fact::of('refusals.invalid-amount.not-on-step', text: $text, step: $step));
    }
}
