<?php

declare(strict_types=1);

namespace Core\Hair;

/** The thickness of a single hair; density says how many there are. */
enum Texture: string
{
    case Fine = 'fine';
    case Medium = 'medium';
    case Coarse = 'coarse';
}
