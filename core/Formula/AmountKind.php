<?php

declare(strict_types=1);

namespace Core\Formula;

/** Which one quantity a bowl is given by; the rest follows. */
enum AmountKind: string
{
    case Total = 'total';
    case Colour = 'colour';
    case Developer = 'developer';
    case Ingredient = 'ingredient';
    /** The fixed grams among the colour shares say it. */
    case Shares = 'shares';
}
