<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Fact;
use Core\Refusal;

final class InvalidRule extends Refusal
{
    /** @param  list<string>  $known */
    public static function notOneOf(string $rule, string $given, array $known): self
    {
        return new self(Fact::of('refusals.invalid-rule.not-one-of', given: $given, rule: $rule, known: $known));
    }

    public static function outOfRange(string $rule, string $given, string $least, string $most, string $unit): self
    {
        return new self(Fact::of(
            'refusals.invalid-rule.out-of-range',
            rule: $rule,
            given: $given,
            least: $least,
            most: $most,
            unit: $unit,
        ));
    }

    public static function notWhole(string $given): self
    {
        return new self(Fact::of('refusals.invalid-rule.not-whole', given: $given));
    }

    public static function greyMustRise(): self
    {
        return new self(Fact::of('refusals.invalid-rule.grey-must-rise'));
    }

    /** @param  list<string>  $known */
    public static function unknown(string $key, array $known): self
    {
        return new self(Fact::of('refusals.invalid-rule.unknown', key: $key, known: $known));
    }

    public static function greyPartsUnreadable(): self
    {
        return new self(Fact::of('refusals.invalid-rule.grey-parts'));
    }

    public static function fillerPartsUnreadable(): self
    {
        return new self(Fact::of('refusals.invalid-rule.filler-parts'));
    }
}
