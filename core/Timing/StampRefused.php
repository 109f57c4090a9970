<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Fact;
use Core\Refusal;

final class StampRefused extends Refusal
{
    public static function notBegun(): self
    {
        return new self(Fact::of('refusals.stamp-refused.not-begun'));
    }

    public static function timedApart(): self
    {
        return new self(Fact::of('refusals.stamp-refused.timed-apart'));
    }

    public static function timedWhole(): self
    {
        return new self(Fact::of('refusals.stamp-refused.timed-whole'));
    }

    public static function alreadyBegun(): self
    {
        return new self(Fact::of('refusals.stamp-refused.already-begun'));
    }

    public static function alreadyComplete(): self
    {
        return new self(Fact::of('refusals.stamp-refused.already-complete'));
    }

    public static function alreadyRinsed(): self
    {
        return new self(Fact::of('refusals.stamp-refused.already-rinsed'));
    }

    public static function setAside(): self
    {
        return new self(Fact::of('refusals.stamp-refused.set-aside'));
    }

    public static function nothingToUndo(): self
    {
        return new self(Fact::of('refusals.stamp-refused.nothing-to-undo'));
    }

    public static function backwards(): self
    {
        return new self(Fact::of('refusals.stamp-refused.backwards'));
    }

    public static function noHeat(): self
    {
        return new self(Fact::of('refusals.stamp-refused.no-heat'));
    }

    public static function heatIsOn(): self
    {
        return new self(Fact::of('refusals.stamp-refused.heat-is-on'));
    }

    public static function noMinutes(): self
    {
        return new self(Fact::of('refusals.stamp-refused.no-minutes'));
    }

    public static function doneAlready(): self
    {
        return new self(Fact::of('refusals.stamp-refused.done-already'));
    }
}
