<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Refusal;

/** What a bowl names and cannot hold. */
final class UnfitProduct extends Refusal
{
    public static function letter(): self
    {
        return new self('A bowl has one or two letters.', 'Give it a letter, such as A.');
    }

    public static function noLine(): self
    {
        return new self('This colour line is not on the shelf.', 'Choose one of the salon’s lines.');
    }

    public static function empty(): self
    {
        return new self('The bowl is empty.', 'Choose at least one shade.');
    }

    public static function notChosen(): self
    {
        return new self('No product is chosen.', 'Choose one from the shelf.');
    }

    public static function notOnShelf(): self
    {
        return new self('This shade or product is not on the shelf.', 'Choose one from the shelf.');
    }

    public static function twice(string $label): self
    {
        return new self("{$label} is in this bowl twice.", 'Add its shares together and keep one.');
    }

    public static function developerAsColour(string $label): self
    {
        return new self("{$label} is a developer, not colour.", 'Put it in the developer part.');
    }

    public static function outsideRatio(string $name): self
    {
        return new self("{$name} does not count in the ratio.", 'Add it on top, as an additive.');
    }

    public static function noSuchDeveloper(string $line, string $name, string $developers): self
    {
        return new self("{$line} has no {$name}.", "Choose one of its developers: {$developers}.");
    }

    public static function noSuchBlend(string $name, int $version): self
    {
        return new self("The house has no “{$name}” of version {$version}.", 'Name a blend and a version that the house keeps.');
    }
}
