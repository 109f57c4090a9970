<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\ComposeBowl;
use Core\Formula\RewriteBowl;
use Core\Formula\ScaleBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Units\Fraction;

/**
 * One bowl more, of a formula that is there: for another job, as much as is said or as much again. Where it goes is
 * still to be said.
 */
final class AddBowl
{
    /**
     * @param  string  $letter  of the new bowl
     * @param  Change  $change  its job in `to`, how much in all in `value` (30 g, × 1/2); empty for as much again
     *
     * @throws CoreException
     */
    public static function like(
        BowlSheet $model,
        string $letter,
        Change $change,
        Shelf $shelf,
        HouseRules $rules,
    ): BowlSheet {
        $sheet = $model;
        if ($change->value !== '') {
            $now = (new RewriteBowl($model, $shelf, $rules->step))->known->total->grams();
            $by = AmountChange::parse($change->value);
            $factor = $by->factor() ?? self::timesAsMuch($by, $now);
            $sheet = ScaleBowl::by($model, $factor, $shelf, $rules->step);
        }

        return ComposeBowl::of(
            $sheet->draft->with(letter: $letter, job: $change->to === '' ? $model->job : $change->to, strokes: []),
            $shelf,
        );
    }

    private static function timesAsMuch(AmountChange $by, ?\Core\Units\Grams $now): Fraction
    {
        if ($now === null || $now->isZero()) {
            throw ChangeRefused::amountNotKnown();
        }
        $wanted = $by->of($now);

        return $wanted->isNegative() || $wanted->isZero()
            ? throw ChangeRefused::nothingLeft()
            : $wanted->dividedBy($now->exactly());
    }
}
