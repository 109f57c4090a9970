<?php

declare(strict_types=1);

namespace Core\Weighing;

/** What a live reading means for the line being poured. */
enum LivePlace: string
{
    /** The scale shows clearly less than the bowl should hold: it was lifted, or tared again. */
    case BowlMissing = 'bowl-missing';
    /** Nothing of this line is in the bowl yet. */
    case Waiting = 'waiting';
    case Under = 'under';
    case Inside = 'inside';
    case Over = 'over';
}
