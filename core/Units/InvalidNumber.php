<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class InvalidNumber extends Refusal
{
    public static function notANumber(string $text): self
    {
        return new self(trim($text) === ''
            ? Fact::of('refusals.invalid-number.missing')
            : Fact::of('refusals.invalid-number.not-a-number', text: $text));
    }

    public static function dividedByZero(string $text): self
    {
        return new self(Fact::of('refusals.invalid-number.divided-by-zero', text: $text));
    }
}
