<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Formula\BowlSheet;
use Core\Formula\ComposeBowl;
use Core\Shelf\Shelf;

/**
 * What goes on for the last minutes of a bowl, and is rinsed with it, still does when that bowl's minutes change: it
 * goes on later, or earlier, by as much.
 */
final class KeepTogether
{
    /**
     * @param  BowlSheet  $before  the bowl whose minutes changed
     * @param  list<BowlSheet>  $others  the visit's other bowls
     * @return list<array{sheet: BowlSheet, was: int, is: int}> those that go on at another minute now
     */
    public static function of(BowlSheet $before, BowlSheet $after, array $others, Shelf $shelf): array
    {
        $usual = $shelf->line($after->line)->window['target'] ?? 0;
        $more = ($after->minutes ?? $usual) - ($before->minutes ?? $usual);
        $moved = [];
        foreach ($more === 0 ? [] : $others as $other) {
            $details = $other->details;
            if ($details->after !== $before->letter || $details->rinse !== $before->letter || $details->plus === null) {
                continue;
            }
            $plus = max(0, $details->plus + $more);
            $moved[] = [
                'sheet' => ComposeBowl::of($other->draft->with(details: $details->onAt($plus)), $shelf),
                'was' => $details->plus,
                'is' => $plus,
            ];
        }

        return $moved;
    }
}
