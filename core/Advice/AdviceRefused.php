<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Refusal;
use Core\Units\Grams;

final class AdviceRefused extends Refusal
{
    public static function percentOutside(int $percent): self
    {
        return new self("{$percent} % grey cannot be.", 'Write a number from 0 to 100.');
    }

    public static function emptyPattern(): self
    {
        return new self('The pattern has no foils.', 'Write it as 2:1 or 1:1.');
    }

    public static function foilsMissing(): self
    {
        return new self('The number of foils is not given.', 'Count them roughly; ten take about 30 g of mixture.');
    }

    public static function foilsCannotBe(int $done, int $planned): self
    {
        return new self("{$done} of {$planned} foils cannot be.", 'Count the foils that are in; the planned ones are said where the bowl is placed.');
    }

    public static function moreLeftThanMixed(Grams $left, Grams $mixed): self
    {
        return new self("{$left->text()} left of {$mixed->text()} mixed cannot be.", 'Weigh the bowl again, less its own weight.');
    }
}
