<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\VisitRefused;
use App\Models\Visit;

/**
 * The lock that every write of a visit's parts takes first: of two that come at once, the second sees what the first
 * has done, and none meets a close half way. Always before any row of the visit's parts, so that no two wait for each
 * other.
 */
final class LockVisit
{
    /** @throws VisitRefused when it is closed */
    public static function open(string $visit): Visit
    {
        $locked = self::any($visit);

        return $locked->status->isOver() ? throw VisitRefused::closed() : $locked;
    }

    public static function any(string $visit): Visit
    {
        return Visit::query()->lockForUpdate()->findOrFail($visit);
    }
}
