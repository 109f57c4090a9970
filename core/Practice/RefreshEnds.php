<?php

declare(strict_types=1);

namespace Core\Practice;

/** What a root colour does to lengths that were coloured before. */
enum RefreshEnds: string
{
    /** Taken through them for its last minutes, every time. */
    case EveryTime = 'every-time';
    /** Looked at each time; nobody is told what to do. */
    case Judged = 'judged';
    /** Never combed through: lengths darken and dull with every coat. A gloss of their own, where they have faded. */
    case Never = 'never';
}
