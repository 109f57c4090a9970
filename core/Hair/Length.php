<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Practice\Number;
use Core\Units\Fraction;

enum Length: string
{
    case Chin = 'chin';
    case Shoulder = 'shoulder';
    case MidBack = 'mid-back';

    /** Our own model. */
    public function factor(): Fraction
    {
        return match ($this) {
            self::Chin => Number::ChinLength->value(),
            self::Shoulder => Fraction::one(),
            self::MidBack => Number::MidBackLength->value(),
        };
    }
}
