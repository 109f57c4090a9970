<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Practice\Number;
use Core\Units\Fraction;

/** How a bowl lies on the hair while it works. */
enum Technique: string
{
    case Covered = 'covered';
    case Foil = 'foil';
    case OpenAir = 'open-air';

    /** How much of the line's lift it reaches (our own model: open air gets no heat). */
    public function liftFactor(): Fraction
    {
        return $this === self::OpenAir ? Number::OpenAirLift->value() : Fraction::one();
    }
}
