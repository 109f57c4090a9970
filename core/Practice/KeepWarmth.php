<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Units\Fraction;

/** How much of the bare warmth a toner is meant to leave, where the wish is not warm. */
enum KeepWarmth: string
{
    case Little = 'little';
    case Half = 'half';
    case Keep = 'keep';

    /** What the neutraliser weighs beside the wish. */
    public function against(): Fraction
    {
        return match ($this) {
            self::Little => Fraction::of(3, 2),
            self::Half => Fraction::one(),
            self::Keep => Fraction::zero(),
        };
    }
}
