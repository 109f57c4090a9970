<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Refusal;

final class InvalidShare extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self("“{$text}” is not a share.", 'Write parts (2), a percentage (25 %), a fraction (1/4), grams (15 g), or “rest”.');
    }

    public static function empty(): self
    {
        return new self('There is no share.', 'Write parts (2), a percentage (25 %), a fraction (1/4), grams (15 g), or “rest”.');
    }

    public static function notPositive(string $text): self
    {
        return new self("“{$text}” gives this product nothing.", 'Write a share above zero, or take the product out.');
    }

    public static function overWhole(string $text): self
    {
        return new self("“{$text}” is more than the whole.", 'A single share is at most 100 %.');
    }

    public static function addUpTo(string $percent): self
    {
        return new self("The shares add up to {$percent} %, not 100 %.", 'Change a share, or let one product take the “rest”.');
    }

    public static function nothingLeft(string $what): self
    {
        return new self("Nothing is left for {$what}: the other shares already take the whole.", 'Make the other shares smaller.');
    }

    public static function fixedExceeds(Grams $fixed, Grams $whole): self
    {
        return new self("The fixed grams come to {$fixed->text()}, more than the {$whole->text()} of this part.", 'Make the bowl larger, or the fixed grams smaller.');
    }

    public static function fixedFallShort(Grams $fixed, Grams $whole): self
    {
        return new self("The fixed grams come to {$fixed->text()}, less than the {$whole->text()} of this part.", 'Let one product take the “rest”, or give the bowl by its shares.');
    }

    public static function partsAndRest(): self
    {
        return new self('Parts and “rest” are both given: it is not clear what each takes.', 'Use parts for all of the remainder, or “rest”, not both.');
    }
}
