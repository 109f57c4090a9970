<?php

declare(strict_types=1);

namespace Core\Units;

/** How an exact amount meets the scale's step. There is no default: every rounding is visible where it happens. */
enum Rounding
{
    /** To the step below. */
    case Down;
    /** To the nearest step; exactly half goes up. */
    case HalfUp;
    /** To the step above. */
    case Up;
}
