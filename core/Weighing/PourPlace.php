<?php

declare(strict_types=1);

namespace Core\Weighing;

/** Where a pour stands against its band. */
enum PourPlace: string
{
    case Under = 'under';
    case Inside = 'inside';
    case Over = 'over';
}
