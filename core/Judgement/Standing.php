<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Hair\HairHistory;
use Core\Hair\Zone;
use Core\Pigment\HairColour;
use Core\Pigment\Real;

/** What lies in hair as it was read: its level, its tone, its grey and what was done to it say which pigment. */
final class Standing
{
    public static function of(Zone $zone): HairColour
    {
        $level = Real::of($zone->level);
        $grown = $zone->grownAt === null ? null : Real::of($zone->grownAt);
        $tone = $zone->tone?->isNone() === false ? $zone->tone : null;

        return match (true) {
            $zone->history === HairHistory::Lightened => HairColour::lightened($level, $tone, $grown),
            $zone->history !== HairHistory::Natural || $tone !== null => HairColour::coloured($level, $tone, $grown),
            default => HairColour::natural($level, $zone->grey / 100),
        };
    }
}
