<?php

declare(strict_types=1);

namespace App\Enums;

/** Why a visit did not take place. */
enum NotHeld: string
{
    case Cancelled = 'cancelled';
    case NoShow = 'no-show';
    /** They came, and went without colour. */
    case WithoutColour = 'without-colour';
}
