<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\Fact;
use Core\Refusal;

final class InvalidColour extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(Fact::of('refusals.invalid-colour.unreadable', text: $text));
    }

    public static function spotTooSmall(): self
    {
        return new self(Fact::of('refusals.invalid-colour.spot-small'));
    }

    public static function spotTooBright(): self
    {
        return new self(Fact::of('refusals.invalid-colour.spot-bright'));
    }

    public static function whiteTooBright(): self
    {
        return new self(Fact::of('refusals.invalid-colour.white-bright'));
    }

    public static function whiteTooDark(): self
    {
        return new self(Fact::of('refusals.invalid-colour.white-dark'));
    }
}
