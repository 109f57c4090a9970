<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Fact;
use Core\Refusal;

final class InvalidPattern extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(Fact::of('refusals.invalid-pattern.unreadable', text: $text));
    }

    public static function countsMissing(int $bowls): self
    {
        return new self(Fact::of('refusals.invalid-pattern.counts-missing', bowls: $bowls));
    }

    public static function wordsMissing(int $bowls, int $named): self
    {
        return new self(Fact::of('refusals.invalid-pattern.words-missing', bowls: $bowls, named: $named));
    }
}
