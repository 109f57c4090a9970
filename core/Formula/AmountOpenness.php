<?php

declare(strict_types=1);

namespace Core\Formula;

/** In what way an amount is not simply known. */
enum AmountOpenness: string
{
    case Known = 'known';
    case Unknown = 'unknown';
    /** "a dash": stored as said. */
    case Worded = 'worded';
    case Range = 'range';
    /** One of several, in doubt which. */
    case Doubtful = 'doubtful';
}
