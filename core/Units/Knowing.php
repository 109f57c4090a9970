<?php

declare(strict_types=1);

namespace Core\Units;

/** In what way an amount is known. */
enum Knowing: string
{
    case Known = 'known';
    case Range = 'range';
    /** More than, or at least. */
    case AtLeast = 'at-least';
    /** Less than, or at most. */
    case AtMost = 'at-most';
    /** One of several, in doubt which. */
    case Doubtful = 'doubtful';
    /** “a dash”: kept as said. */
    case Worded = 'worded';
    case Unknown = 'unknown';
}
