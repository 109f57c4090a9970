<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;

/**
 * What is not finished in a visit that somebody wants to close: still on the hair, begun and not emptied, never mixed.
 */
final class LeftOpen
{
    /**
     * @param  list<BowlState>  $bowls  in their order
     * @return list<Fact>
     */
    public static function of(array $bowls): array
    {
        $facts = [];
        foreach ($bowls as $bowl) {
            $fact = match (true) {
                $bowl->clock->isOn() => Fact::of('steps.still-on-head', letter: $bowl->letter),
                $bowl->weighing => Fact::of('steps.half-weighed', letter: $bowl->letter),
                ! $bowl->mixed => Fact::of('steps.never-mixed', letter: $bowl->letter),
                default => null,
            };
            if ($fact !== null) {
                $facts[] = $fact;
            }
        }

        return $facts;
    }
}
