<?php

declare(strict_types=1);

namespace Core\Practice;

/** Colour that lifts roots and lengths: which of them comes first, since a warm root lifts more. */
enum RootOrder: string
{
    /** The roots at once, from a bowl of their own that is deeper or weaker. */
    case RootsFirst = 'roots-first';
    /** Mids and ends, then the roots, when the lengths are on their way. */
    case MidsFirst = 'mids-first';
}
