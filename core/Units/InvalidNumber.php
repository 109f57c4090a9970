<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Refusal;

final class InvalidNumber extends Refusal
{
    public static function notANumber(string $text): self
    {
        return new self("“{$text}” is not a number.", 'Write it as 1.5, 1,5, 1½ or 3/2.');
    }

    public static function dividedByZero(string $text): self
    {
        return new self("“{$text}” divides by zero.", 'Write a number of 1 or more below the line.');
    }
}
