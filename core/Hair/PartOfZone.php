<?php

declare(strict_types=1);

namespace Core\Hair;

/** How much of a zone's strands something is said of. */
enum PartOfZone: string
{
    case Quarter = '1/4';
    case Third = '1/3';
    case Half = '1/2';
    case TwoThirds = '2/3';
    case ThreeQuarters = '3/4';
}
