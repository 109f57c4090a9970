<?php

declare(strict_types=1);

namespace Core\Hair;

/** How wet the hair is when the bowl goes on. */
enum HairState: string
{
    case Dry = 'dry';
    case Damp = 'damp';
    case Wet = 'wet';
}
