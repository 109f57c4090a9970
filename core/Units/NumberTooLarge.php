<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class NumberTooLarge extends Refusal
{
    public static function inArithmetic(): self
    {
        return new self(Fact::of('refusals.number-too-large.in-arithmetic'));
    }
}
