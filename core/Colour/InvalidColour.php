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
}
