<?php

declare(strict_types=1);

namespace Core\Units;

enum ShareKind: string
{
    /** Parts of what percentages, fractions and grams leave; with nothing else, of the whole. */
    case Parts = 'parts';
    case Percent = 'percent';
    case FractionOf = 'fraction';
    case Fixed = 'grams';
    /** What the others leave, in equal parts among all that say so. */
    case Rest = 'rest';
}
