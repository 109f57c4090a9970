<?php

declare(strict_types=1);

namespace Core\Judgement;

/** How a result stands against the wish. */
enum ExpectedTone: string
{
    case OnTarget = 'on target';
    case TooWarm = 'too warm';
    case TooCool = 'too cool';
    case Flat = 'flat or muddy';
    case TooDeep = 'too deep';
    case TooLight = 'too light';
}
