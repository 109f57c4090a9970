<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Fact;
use Core\Refusal;

final class UnreadableCode extends Refusal
{
    public static function empty(): self
    {
        return new self(Fact::of('refusals.unreadable-code.empty'));
    }

    public static function noLevel(string $text): self
    {
        return new self(Fact::of('refusals.unreadable-code.no-level', text: $text));
    }

    /** @param  array{int, int}  $levels */
    public static function levelOutside(string $text, int $level, array $levels): self
    {
        return new self(Fact::of(
            'refusals.unreadable-code.level-outside',
            text: $text,
            level: $level,
            value: $levels[0],
            value2: $levels[1],
        ));
    }

    public static function unknownTone(string $text, string $tone, string $known): self
    {
        return new self(Fact::of('refusals.unreadable-code.unknown-tone', tone: $tone, text: $text, known: $known));
    }

    /** @param  list<string>  $readings */
    public static function ambiguous(string $text, array $readings): self
    {
        return new self(Fact::of('refusals.unreadable-code.ambiguous', text: $text, readings: $readings));
    }

    public static function wrongKind(string $text, NotationKind $kind): self
    {
        return new self(Fact::of(
            $kind === NotationKind::Letters
                ? 'refusals.unreadable-code.wants-letters'
                : 'refusals.unreadable-code.wants-digits',
            text: $text,
        ));
    }

    public static function wrongSeparator(string $text, string $separator): self
    {
        return new self(Fact::of('refusals.unreadable-code.wrong-separator', separator: $separator, text: $text));
    }

    public static function twoLevels(string $text): self
    {
        return new self(Fact::of('refusals.unreadable-code.two-levels', text: $text));
    }
}
