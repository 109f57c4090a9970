<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Fact;
use Core\Refusal;

final class SubstitutionRefused extends Refusal
{
    public static function emptyShelf(): self
    {
        return new self(Fact::of('refusals.substitution-refused.empty-shelf'));
    }

    public static function noLevel(): self
    {
        return new self(Fact::of('refusals.substitution-refused.no-level'));
    }

    public static function nothingWanted(string $step): self
    {
        return new self(Fact::of('refusals.substitution-refused.nothing-wanted', step: $step));
    }

    public static function tooManyShades(int $limit): self
    {
        return new self(Fact::of('refusals.substitution-refused.too-many-shades', limit: $limit));
    }

    public static function notEnoughStock(): self
    {
        return new self(Fact::of('refusals.substitution-refused.not-enough-stock'));
    }
}
