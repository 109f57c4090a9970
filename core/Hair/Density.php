<?php

declare(strict_types=1);

namespace Core\Hair;

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
            self::Fine => Fraction::of(4, 5),
            self::Medium => Fraction::one(),
            self::Thick => Fraction::of(7, 5),
        };
    }
}
