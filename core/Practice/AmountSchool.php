<?php

declare(strict_types=1);

namespace Core\Practice;

/** Bowls that come back with some left, good visit after good visit. */
enum AmountSchool: string
{
    /** A little comes off, one visit at a time. */
    case StepDown = 'step-down';
    /** Nothing comes off: skimping shows as patches. */
    case Generous = 'generous';
}
