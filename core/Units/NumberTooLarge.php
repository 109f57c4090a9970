<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Refusal;

final class NumberTooLarge extends Refusal
{
    public static function inArithmetic(): self
    {
        return new self('A number in this bowl is too large or too finely divided to work exactly.', 'Use shorter numbers: at most three decimals, and amounts that fit a bowl.');
    }
}
