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

    /**
     * A bowl that would stand longer than the house allows before its turn comes.
     *
     * @param  int  $wait  minutes until it goes on, as the visit's times are planned
     * @return ?int those minutes, where they are too many; null where it may be mixed
     */
    public static function early(LineKind $kind, int $wait, HouseRules $rules): ?int
    {
        return $kind->isOxidative() && $wait > $rules->freshnessMinutes ? $wait : null;
    }
}
