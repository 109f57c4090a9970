<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * Where a strand stands on its way, from what somebody saw of it: lightener lifts in proportion to its minutes, as the
 * outlook has it, so that the pace of this head says when the wished level comes, or that it will not (our own model).
 */
final class PaceOfLift
{
    /** Before that a look says more of the eye than of the hair. */
    private const LEAST_MINUTES = 5;

    /**
     * @param  Fraction  $seen  the level that was seen
     * @param  int  $minute  since the first touch
     * @return ?Fact null where the bowl does not lighten the strand, no level is wished, or nothing has moved yet
     */
    public static function of(StrandStory $story, PlacedBowl $bowl, Fraction $seen, int $minute): ?Fact
    {
        $from = null;
        foreach ($story->steps as $step) {
            $from = $step['letter'] === $bowl->sheet->letter ? $step['from'] : $from;
        }
        $wish = $story->standing->wishLevel;
        if (
            $from === null
            || $wish === null
            || $bowl->line->kind !== LineKind::Lightener
            || $wish->compare($from) <= 0
        ) {
            return null;
        }
        if ($seen->compare($wish) >= 0) {
            return Fact::of('times.pace-there', level: $wish->decimal(1));
        }
        if ($minute < self::LEAST_MINUTES || $seen->compare($from) <= 0) {
            return null;
        }
        $lifted = $seen->minus($from);
        $total = Fraction::of($minute)->times($wish->minus($from))->dividedBy($lifted)->rounded(1, Rounding::Up);
        $most = $bowl->window()['max'];
        if ($total <= $most) {
            return Fact::of('times.pace-reaches', level: $wish->decimal(1), minutes: $total - $minute);
        }
        $at = $from->plus($lifted->times(Fraction::of(max($most, $minute), $minute)));

        return Fact::of('times.pace-short', level: $wish->decimal(1), at: $at->decimal(1), most: $most);
    }
}
