<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Refusal;

final class InvalidReach extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self("“{$text}” does not say how far along the strand.", 'Write such as 0 to 3 cm, first 2 cm, from 5 cm, or 1 inch.');
    }

    public static function backwards(string $text): self
    {
        return new self("“{$text}” ends before it begins.", 'Write the end that is nearer to the scalp first.');
    }

    public static function tooFar(string $text): self
    {
        return new self("“{$text}” is longer than hair grows.", 'Check the number and the unit.');
    }
}
