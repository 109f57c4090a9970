<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Refusal;
use Core\Units\Grams;
use Core\Units\ScaleStep;

/** An event that does not fit the batch as it stands. */
final class PourRefused extends Refusal
{
    public static function nothingPlanned(): self
    {
        return new self('There is nothing to weigh in this bowl.', 'Choose its products first.');
    }

    public static function unknownLine(): self
    {
        return new self('That product is not planned in this batch.', 'Weigh one of the products shown.');
    }

    public static function plannedAlready(string $label): self
    {
        return new self("{$label} is in this batch’s plan.", 'Weigh it in its turn; what goes over its target is asked about.');
    }

    public static function nothingPoured(): self
    {
        return new self('Nothing was poured.', 'Pour first, or type the grams.');
    }

    public static function chooseFirst(string $label): self
    {
        return new self("{$label} is over its target and waits for a choice.", 'Keep the proportion, accept it, or discard the bowl.');
    }

    public static function nothingOver(): self
    {
        return new self('Nothing is over its target.', 'Carry on weighing.');
    }

    public static function ended(): self
    {
        return new self('This batch has ended.', 'Start another batch of the bowl.');
    }

    public static function notFinished(): self
    {
        return new self('This batch is still being weighed.', 'Finish it first, then weigh back what is left.');
    }

    public static function linesLeft(string $label): self
    {
        return new self("{$label} is not weighed yet.", 'Weigh it, or take it as it is.');
    }

    public static function discardNeedsReason(): self
    {
        return new self('A discarded bowl needs a reason.', 'Say in a word or two why it is thrown away.');
    }

    public static function nothingToUndo(): self
    {
        return new self('There is nothing to take back.', 'Carry on weighing.');
    }

    public static function moreLeftThanMixed(Grams $left, Grams $mixed): self
    {
        return new self("{$left->text()} left over is more than the {$mixed->text()} that were mixed.", 'Check the reading: is the empty bowl’s weight taken off?');
    }

    public static function belowStep(string $label, ScaleStep $step): self
    {
        return new self("{$label} would come to less than the scale’s step of {$step->show()}.", 'Mix a larger batch.');
    }
}
