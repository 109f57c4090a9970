<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Refusal;

final class UnreadableCode extends Refusal
{
    public static function empty(): self
    {
        return new self('There is no code.', 'Type a shade’s code, such as 6N or 7.3.');
    }

    public static function noLevel(string $text): self
    {
        return new self("“{$text}” does not begin with a level.", 'Begin with the level: 6N, 7.3, 10-1.');
    }

    /** @param  array{int, int}  $levels */
    public static function levelOutside(string $text, int $level, array $levels): self
    {
        return new self("“{$text}” has level {$level}; this line has {$levels[0]} to {$levels[1]}.", 'Check the level.');
    }

    public static function unknownTone(string $text, string $tone, string $known): self
    {
        return new self("“{$tone}” in “{$text}” means nothing in this line.", "This line knows {$known}.");
    }

    /** @param  list<string>  $readings */
    public static function ambiguous(string $text, array $readings): self
    {
        return new self("“{$text}” can be read as ".implode(' or ', $readings).'.', 'Write level and tone apart.');
    }

    public static function wrongKind(string $text, NotationKind $kind): self
    {
        $words = $kind === NotationKind::Letters ? 'letters, such as 6N' : 'digits, such as 7.3';

        return new self("“{$text}” is not this line’s notation.", "This line writes its tones in {$words}.");
    }

    public static function wrongSeparator(string $text, string $separator): self
    {
        return new self("“{$separator}” in “{$text}” is not how this line parts level and tone.", 'Use the line’s own sign.');
    }

    public static function twoLevels(string $text): self
    {
        return new self("“{$text}” names two levels that are not a doubled one.", 'Two shades go in as two products.');
    }
}
