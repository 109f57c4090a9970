<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Fact;
use Core\Refusal;

/** What a bowl names and cannot hold. */
final class UnfitProduct extends Refusal
{
    public static function letter(): self
    {
        return new self(Fact::of('refusals.unfit-product.letter'));
    }

    public static function noLine(): self
    {
        return new self(Fact::of('refusals.unfit-product.no-line'));
    }

    public static function empty(): self
    {
        return new self(Fact::of('refusals.unfit-product.empty'));
    }

    public static function notChosen(): self
    {
        return new self(Fact::of('refusals.unfit-product.not-chosen'));
    }

    public static function notOnShelf(): self
    {
        return new self(Fact::of('refusals.unfit-product.not-on-shelf'));
    }

    public static function twice(string $label): self
    {
        return new self(Fact::of('refusals.unfit-product.twice', label: $label));
    }

    public static function developerAsColour(string $label): self
    {
        return new self(Fact::of('refusals.unfit-product.developer-as-colour', label: $label));
    }

    public static function outsideRatio(string $name): self
    {
        return new self(Fact::of('refusals.unfit-product.outside-ratio', name: $name));
    }

    public static function noSuchDeveloper(string $line, string $name, string $developers): self
    {
        return new self(Fact::of(
            'refusals.unfit-product.no-such-developer',
            line: $line,
            name: $name,
            developers: $developers,
        ));
    }

    public static function noSuchBlend(string $name, int $version): self
    {
        return new self(Fact::of('refusals.unfit-product.no-such-blend', name: $name, version: $version));
    }
}
