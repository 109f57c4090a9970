<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class InvalidShare extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(Fact::of('refusals.invalid-share.unreadable', text: $text));
    }

    public static function empty(): self
    {
        return new self(Fact::of('refusals.invalid-share.empty'));
    }

    public static function notPositive(string $text): self
    {
        return new self(Fact::of('refusals.invalid-share.not-positive', text: $text));
    }

    public static function overWhole(string $text): self
    {
        return new self(Fact::of('refusals.invalid-share.over-whole', text: $text));
    }

    public static function addUpTo(string $percent): self
    {
        return new self(Fact::of('refusals.invalid-share.add-up-to', percent: $percent));
    }

    public static function nothingLeft(string $what): self
    {
        return new self(Fact::of('refusals.invalid-share.nothing-left', what: $what));
    }

    public static function fixedExceeds(Grams $fixed, Grams $whole): self
    {
        return new self(Fact::of('refusals.invalid-share.fixed-exceeds', fixed: $fixed->text(), whole: $whole->text()));
    }

    public static function fixedFallShort(Grams $fixed, Grams $whole): self
    {
        return new self(Fact::of(
            'refusals.invalid-share.fixed-fall-short',
            fixed: $fixed->text(),
            whole: $whole->text(),
        ));
    }

    public static function partsAndRest(): self
    {
        return new self(Fact::of('refusals.invalid-share.parts-and-rest'));
    }
}
