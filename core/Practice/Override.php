<?php

declare(strict_types=1);

namespace Core\Practice;

/** Who may say otherwise. */
enum Override: string
{
    case Nobody = 'nobody';
    /** The colour line, by its own table or window. */
    case Line = 'line';
    /** The salon, by a house rule. */
    case House = 'house';
}
