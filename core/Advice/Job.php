<?php

declare(strict_types=1);

namespace Core\Advice;

/** What a bowl is for, as far as its size goes. */
enum Job: string
{
    case Regrowth = 'regrowth';
    case Whole = 'global';
    case Gloss = 'gloss';
    case RootShadow = 'root-shadow';
    case Foils = 'foils';
}
