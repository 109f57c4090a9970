<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Practice\Number;

/** What a client is told between two visits. */
enum MessageKind: string
{
    /** A skin test is needed before the next visit, and none stands. */
    case SkinTest = 'skin-test';
    /** A skin test has had its 48 hours and is to be read. */
    case Reading = 'reading';
    /** The visit is tomorrow. */
    case Appointment = 'appointment';
    /** How the colour wears. */
    case FollowUp = 'follow-up';

    /** How long before or after, where the house says nothing else; a reading is due when the test may be read. */
    public function usualDays(): int
    {
        return match ($this) {
            self::SkinTest => Number::TestNoticeDays->whole(),
            self::Reading => 0,
            self::Appointment => Number::VisitNoticeDays->whole(),
            self::FollowUp => Number::FollowUpDays->whole(),
        };
    }
}
