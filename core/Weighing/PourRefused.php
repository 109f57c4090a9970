<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Fact;
use Core\Refusal;
use Core\Units\Grams;
use Core\Units\ScaleStep;

/** An event that does not fit the batch as it stands. */
final class PourRefused extends Refusal
{
    public static function nothingPlanned(): self
    {
        return new self(Fact::of('refusals.pour-refused.nothing-planned'));
    }

    public static function unknownLine(): self
    {
        return new self(Fact::of('refusals.pour-refused.unknown-line'));
    }

    public static function plannedAlready(string $label): self
    {
        return new self(Fact::of('refusals.pour-refused.planned-already', label: $label));
    }

    public static function nothingPoured(): self
    {
        return new self(Fact::of('refusals.pour-refused.nothing-poured'));
    }

    public static function chooseFirst(string $label): self
    {
        return new self(Fact::of('refusals.pour-refused.choose-first', label: $label));
    }

    public static function nothingOver(): self
    {
        return new self(Fact::of('refusals.pour-refused.nothing-over'));
    }

    public static function ended(): self
    {
        return new self(Fact::of('refusals.pour-refused.ended'));
    }

    public static function notFinished(): self
    {
        return new self(Fact::of('refusals.pour-refused.not-finished'));
    }

    public static function linesLeft(string $label): self
    {
        return new self(Fact::of('refusals.pour-refused.lines-left', label: $label));
    }

    public static function bowlHoldsSome(Grams $in): self
    {
        return new self(Fact::of('refusals.pour-refused.bowl-holds-some', in: $in->text()));
    }

    public static function weighedBackAlready(): self
    {
        return new self(Fact::of('refusals.pour-refused.weighed-back-already'));
    }

    public static function moreThanPack(string $label, Grams $poured, Grams $pack): self
    {
        return new self(Fact::of(
            'refusals.pour-refused.more-than-pack',
            label: $label,
            poured: $poured->text(),
            pack: $pack->text(),
        ));
    }

    public static function farOver(string $label, Grams $in, Grams $target): self
    {
        return new self(Fact::of(
            'refusals.pour-refused.far-over',
            label: $label,
            in: $in->text(),
            target: $target->text(),
        ));
    }

    public static function bowlNotWeighed(): self
    {
        return new self(Fact::of('refusals.pour-refused.bowl-not-weighed'));
    }

    public static function scaleElsewhere(): self
    {
        return new self(Fact::of('refusals.pour-refused.scale-elsewhere'));
    }

    public static function cannotSteer(): self
    {
        return new self(Fact::of('refusals.pour-refused.cannot-steer'));
    }

    public static function anotherOpen(): self
    {
        return new self(Fact::of('refusals.pour-refused.another-open'));
    }

    public static function discardNeedsReason(): self
    {
        return new self(Fact::of('refusals.pour-refused.discard-needs-reason'));
    }

    public static function nothingToUndo(): self
    {
        return new self(Fact::of('refusals.pour-refused.nothing-to-undo'));
    }

    public static function moreLeftThanMixed(Grams $left, Grams $mixed): self
    {
        return new self(Fact::of(
            'refusals.pour-refused.more-left-than-mixed',
            left: $left->text(),
            mixed: $mixed->text(),
        ));
    }

    public static function belowStep(string $label, ScaleStep $step): self
    {
        return new self(Fact::of('refusals.pour-refused.below-step', label: $label, step: $step->show()));
    }
}
