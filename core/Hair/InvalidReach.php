<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Fact;
use Core\Refusal;

final class InvalidReach extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(Fact::of('refusals.invalid-reach.unreadable', text: $text));
    }

    public static function backwards(string $text): self
    {
        return new self(Fact::of('refusals.invalid-reach.backwards', text: $text));
    }

    public static function tooFar(string $text): self
    {
        return new self(Fact::of('refusals.invalid-reach.too-far', text: $text));
    }
}
