<?php

declare(strict_types=1);

namespace Core\Timing;

/** What somebody does at a moment of the plan. */
enum ActKind: string
{
    case Rinse = 'rinse';
    case Emulsify = 'emulsify';
    case HeatOff = 'heat-off';
    case Through = 'through';
    case Look = 'look';
    /** Before what the same hands begin then. */
    case Complete = 'complete';
    case Begin = 'begin';
    case Mix = 'mix';
    /** What is mixed has grown too old to go on. */
    case Stale = 'stale';
    case Again = 'again';
    case HeatOn = 'heat-on';
}
