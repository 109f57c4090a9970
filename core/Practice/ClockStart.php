<?php

declare(strict_types=1);

namespace Core\Practice;

/** When a bowl's processing clock starts: the two schools. */
enum ClockStart: string
{
    case Complete = 'complete';
    case FirstTouch = 'first-touch';

    public function words(): string
    {
        return match ($this) {
            self::Complete => 'when the application is complete',
            self::FirstTouch => 'at the first touch',
        };
    }
}
