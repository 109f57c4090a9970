<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Practice\HouseRules;
use Core\Shelf\LineKind;

/** Mixed oxidative colour works from the moment it is mixed: it should be on the hair within the house's minutes. */
final class Freshness
{
    /**
     * @param  int  $minutes  since it was mixed
     * @return ?int those minutes, where they are too many; null where it is fresh, or does not age
     */
    public static function stale(LineKind $kind, int $minutes, HouseRules $rules): ?int
    {
        return $kind->isOxidative() && $minutes > $rules->freshnessMinutes ? $minutes : null;
    }
}
