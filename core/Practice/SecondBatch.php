<?php

declare(strict_types=1);

namespace Core\Practice;

/**
 * A second batch of lightener starts behind the first: a strength up to catch up with it, or equal, with its own time.
 */
enum SecondBatch: string
{
    case Stronger = 'stronger';
    case Equal = 'equal';
}
