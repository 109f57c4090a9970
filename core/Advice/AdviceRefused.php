<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Refusal;
use Core\Units\Grams;

final class AdviceRefused extends Refusal
{
    public static function percentOutside(int $percent): self
    {
        return new self(Fact::of('refusals.advice-refused.percent-outside', percent: $percent));
    }

    public static function emptyPattern(): self
    {
        return new self(Fact::of('refusals.advice-refused.empty-pattern'));
    }

    public static function foilsMissing(): self
    {
        return new self(Fact::of('refusals.advice-refused.foils-missing'));
    }

    public static function foilsUnreadable(string $said): self
    {
        return new self(Fact::of('refusals.advice-refused.foils-unreadable', said: $said));
    }

    public static function foilsCannotBe(int $done, int $planned): self
    {
        return new self(Fact::of('refusals.advice-refused.foils-cannot-be', done: $done, planned: $planned));
    }

    public static function moreLeftThanMixed(Grams $left, Grams $mixed): self
    {
        return new self(Fact::of(
            'refusals.advice-refused.more-left-than-mixed',
            left: $left->text(),
            mixed: $mixed->text(),
        ));
    }
}
