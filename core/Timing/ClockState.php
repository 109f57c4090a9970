<?php

declare(strict_types=1);

namespace Core\Timing;

enum ClockState: string
{
    case Waiting = 'waiting';
    case Applying = 'applying';
    case Processing = 'processing';
    /** The planned minutes are up. */
    case Due = 'due';
    /** Beyond what the line allows. */
    case Over = 'over';
    case Rinsed = 'rinsed';
    /** Not used. */
    case SetAside = 'set-aside';

    /** On the hair. */
    public function isOn(): bool
    {
        return in_array($this, [self::Applying, self::Processing, self::Due, self::Over], true);
    }
}
