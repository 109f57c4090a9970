<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Practice\Number;
use Core\Units\Fraction;

enum Density: string
{
    case Fine = 'fine';
    case Medium = 'medium';
    case Thick = 'thick';

    /** Our own model. */
    public function factor(): Fraction
    {
        return match ($this) {
            self::Fine => Number::FineHair->value(),
            self::Medium => Fraction::one(),
            self::Thick => Number::ThickHair->value(),
        };
    }
}
