<?php

declare(strict_types=1);

namespace Core\Timing;

/** What mends a plan of times that does not hold; the cheapest first. */
enum MendKind: string
{
    case Begin = 'begin';
    /** Its place in the order of work is let go. */
    case Order = 'order';
    /** What has grown too old is mixed again. */
    case Fresh = 'fresh';
    /** A further pair of hands. */
    case Hands = 'hands';
    /** Rinsed by itself. */
    case Rinse = 'rinse';
    /** Fewer foils, a smaller part of the head: applied sooner. */
    case Smaller = 'smaller';
    /** A strength lower, for which the line prints other minutes. */
    case Weaker = 'weaker';
    /** In a round of its own. */
    case Split = 'split';
}
