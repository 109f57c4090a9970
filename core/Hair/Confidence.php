<?php

declare(strict_types=1);

namespace Core\Hair;

/** How surely a piece of history is known. */
enum Confidence: string
{
    case Read = 'read';
    case Told = 'told';
    case Guessed = 'guessed';
}
