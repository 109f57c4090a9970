<?php

declare(strict_types=1);

namespace Core\Shelf;

enum ProductKind: string
{
    case Shade = 'shade';
    case Clear = 'clear';
    case Booster = 'booster';
    case Lightener = 'lightener';
    /** Third part of a three-part system: cream, lotion. */
    case Base = 'base';
    case Additive = 'additive';
    case Care = 'care';
    case Developer = 'developer';
    /** What was left of another bowl. */
    case Mixture = 'mixture';

    /** Shades, clear, boosters and lightener count toward the colour part; a bond builder does not. */
    public function countsInRatio(): bool
    {
        return $this !== self::Additive;
    }
}
