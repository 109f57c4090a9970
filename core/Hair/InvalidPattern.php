<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Refusal;

final class InvalidPattern extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self("“{$text}” is no pattern.", 'Write alternate, 2:1, pie 8, layers, between, or groups with gaps: 5, gap, 4, gap, 3, 3.');
    }

    public static function countsMissing(int $bowls): self
    {
        return new self("The pattern does not say how many foils each of the {$bowls} bowls takes.", 'Write one number a bowl, such as 2:1.');
    }
}
