<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Codec\BowlSheet;
use Core\Formula\WorkedBowl;
use Core\Hair\Stroke;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/** What is implausible or needs care in a bowl, with reason and mend. What was typed is kept. */
final class BowlWarnings
{
    /** @return list<Caution> */
    public static function of(BowlSheet $sheet, WorkedBowl $worked, Line $line): array
    {
        $found = [];
        if ($line->ratio->hasDeveloper() && isset($worked->parts[1])) {
            $expected = $line->ratio->timesColour(1);
            $ratio = Fraction::of($worked->parts[1]->total->centigrams, $worked->parts[0]->total->centigrams)->dividedBy($expected);
            // A half more or a third less than the line's own: a wish, or a slip of the pen. Asked, never changed.
            if ($ratio->compare(Fraction::of(3, 2)) > 0 || $ratio->compare(Fraction::of(2, 3)) < 0) {
                $usual = Grams::ofCentigrams($worked->parts[0]->total->exactly()->times($expected)->rounded($worked->step->centigrams(), Rounding::HalfUp));
                $found[] = new Caution('implausible-ratio', "{$worked->parts[0]->total->text()} of colour with {$worked->parts[1]->total->text()} of developer is far from {$line->name}’s {$line->ratio->show()}.", "At the line’s ratio it would be {$usual->text()} of developer. Is it meant so?");
            }
        }
        if ($sheet->minutes !== null && $sheet->minutes > $line->window['max']) {
            $found[] = new Caution('over-time', "{$sheet->minutes} minutes is beyond {$line->name}’s {$line->window['max']}.", 'Rinse by then; do not exceed the maker’s time.');
        }
        $volume = $worked->developerStrength()?->volume;
        $onScalp = self::any($sheet, static fn (Stroke $stroke): bool => $stroke->touchesScalp());
        if ($volume !== null && $onScalp && $volume->compare(Fraction::of(30)) > 0) {
            $found[] = new Caution('strong-on-scalp', "{$volume->decimal(0)} vol is placed at the root.", 'Never 40 vol on the scalp: keep it off, or take 20 vol or less.');
        }
        $onePass = self::any($sheet, static fn (Stroke $stroke): bool => $stroke->touchesScalp() && $stroke->isOnePass());
        if ($onePass && $volume !== null && $volume->compare(Fraction::of(20)) >= 0 && ! $line->kind->depositsOnly()) {
            $found[] = new Caution('hot-roots', 'It lifts, and runs from scalp to ends in one pass: the first centimetre lifts more and warmer.', 'Give the root its own bowl, half a level to a level deeper or a strength lower.');
        }
        if ($line->kind->isOxidative() && $worked->ratio->hasDeveloper() && $line->kind !== LineKind::Lightener) {
            $found[] = new Caution('skin-test', 'Oxidative colour.', 'Skin allergy test 48 hours before; follow the maker’s instructions and local rules.');
        }

        return $found;
    }

    /** @param  callable(Stroke): bool  $is */
    private static function any(BowlSheet $sheet, callable $is): bool
    {
        return array_filter($sheet->strokes, $is) !== [];
    }
}
