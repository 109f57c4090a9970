<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\RewriteBowl;
use Core\Hair\Span;
use Core\Hair\Stroke;

/** A bowl that goes elsewhere along the strand, or into it later. */
final class ChangePlace
{
    /**
     * @param  string  $value  roots; lengths; mids first: the lengths, and the roots after them
     *
     * @throws CoreException when it does not run from scalp to ends
     */
    public static function along(RewriteBowl $bowl, string $value): BowlSheet
    {
        $strokes = [];
        foreach ($bowl->sheet->draft->strokes as $stroke) {
            array_push($strokes, ...($stroke->isOnePass() ? self::parted($stroke, $value) : [$stroke]));
        }

        return count(
            array_filter($bowl->sheet->draft->strokes, static fn (Stroke $stroke): bool => $stroke->isOnePass()),
        ) === 0
            ? throw ChangeRefused::notOnePass()
            : $bowl->draft($bowl->sheet->draft->with(strokes: $strokes));
    }

    /**
     * @param  string  $value  15 min: taken through the lengths for the last 15; no: not taken through
     *
     * @throws CoreException when it is neither
     */
    public static function through(RewriteBowl $bowl, string $value): BowlSheet
    {
        $minutes = preg_match('/^(\d{1,3})\s*min$/u', $value, $m) === 1 ? (int) $m[1] : null;
        if ($value !== 'no' && ($minutes === null || $minutes > 240)) {
            throw ChangeRefused::unreadable($value);
        }

        return $bowl->draft($bowl->sheet->draft->with(details: $bowl->sheet->details->takenThrough($minutes)));
    }

    /**
     * @return list<Stroke>
     *
     * @throws ChangeRefused
     */
    private static function parted(Stroke $stroke, string $value): array
    {
        $roots = $stroke->on(Span::Root, Span::Regrowth);
        $lengths = $stroke->on(Span::Mids, Span::Ends);

        return match ($value) {
            'roots' => [$roots],
            'lengths' => [$lengths],
            'mids first' => [$lengths->inOrder($stroke->order ?? 1), $roots->inOrder(($stroke->order ?? 1) + 1)],
            default => throw ChangeRefused::unreadable($value),
        };
    }
}
