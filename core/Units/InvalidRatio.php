<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class InvalidRatio extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(trim($text) === ''
            ? Fact::of('refusals.invalid-ratio.missing')
            : Fact::of('refusals.invalid-ratio.unreadable', text: $text));
    }

    public static function emptyPart(string $text): self
    {
        return new self(Fact::of('refusals.invalid-ratio.empty-part', text: $text));
    }

    public static function absurd(string $text, int $limit): self
    {
        return new self(Fact::of('refusals.invalid-ratio.absurd', text: $text, limit: $limit));
    }

    public static function tooManyParts(string $text, int $limit): self
    {
        return new self(Fact::of('refusals.invalid-ratio.too-many-parts', text: $text, limit: $limit));
    }
}
