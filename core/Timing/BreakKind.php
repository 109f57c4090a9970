<?php

declare(strict_types=1);

namespace Core\Timing;

/** How a plan of times can fail to hold. */
enum BreakKind: string
{
    /** Rinsed before its least time. */
    case Short = 'short';
    /** On for longer than its line allows. */
    case Over = 'over';
    /** Goes on later than it was said. */
    case Late = 'late';
    /** Goes on earlier than it was said. */
    case Early = 'early';
    /** Mixed too long before it goes on. */
    case Stale = 'stale';
}
