<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Units\Fraction;

/** How much of a zone's strands something is said of. */
enum PartOfZone: string
{
    case Quarter = '1/4';
    case Third = '1/3';
    case Half = '1/2';
    case TwoThirds = '2/3';
    case ThreeQuarters = '3/4';

    public function fraction(): Fraction
    {
        return Fraction::parse($this->value);
    }
}
