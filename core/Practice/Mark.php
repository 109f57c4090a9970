<?php

declare(strict_types=1);

namespace Core\Practice;

/** Where a number of the trade comes from. */
enum Mark: string
{
    /** A standard, a regulation, a physical constant. */
    case Published = 'published';
    /** Common practice, no source. */
    case Practice = 'practice';
    /** Our own model: it may be improved. */
    case Model = 'model';
}
