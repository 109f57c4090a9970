<?php

declare(strict_types=1);

namespace Core\Weighing;

/** Where a weight came from. */
enum PourSource: string
{
    case Scale = 'scale';
    case Hand = 'hand';
}
