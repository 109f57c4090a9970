<?php

declare(strict_types=1);

namespace Core\Scale;

use Core\Fact;
use Core\Refusal;

/** Lines from which nobody can learn how a scale writes. */
final class FormatRefused extends Refusal
{
    public static function threeLines(): self
    {
        return new self(Fact::of('refusals.format-refused.three-lines'));
    }

    public static function notAlike(): self
    {
        return new self(Fact::of('refusals.format-refused.not-alike'));
    }

    public static function nothingChanges(): self
    {
        return new self(Fact::of('refusals.format-refused.nothing-changes'));
    }

    public static function severalNumbers(): self
    {
        return new self(Fact::of('refusals.format-refused.several-numbers'));
    }
}
