<?php

declare(strict_types=1);

namespace App\Enums;

enum VisitStatus: string
{
    case Expected = 'expected';
    case InChair = 'in-chair';
    case Closed = 'closed';
    /** It did not take place, or without colour. */
    case Ended = 'ended';

    /** Nothing is done in it any more. */
    public function isOver(): bool
    {
        return $this === self::Closed || $this === self::Ended;
    }
}
