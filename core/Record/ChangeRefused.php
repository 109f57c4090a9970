<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Fact;
use Core\Refusal;
use Core\Units\Fraction;
use Core\Units\Strength;

final class ChangeRefused extends Refusal
{
    public static function onlyWords(): self
    {
        return new self(Fact::of('refusals.change-refused.only-words'));
    }

    public static function unreadable(string $value): self
    {
        return new self(Fact::of('refusals.change-refused.unreadable', value: $value));
    }

    public static function notUnderstood(string $words): self
    {
        return new self(Fact::of('refusals.change-refused.not-understood', words: $words));
    }

    public static function ofAnotherBowl(): self
    {
        return new self(Fact::of('refusals.change-refused.of-another-bowl'));
    }

    public static function colourOrMixture(string $value): self
    {
        return new self(Fact::of('refusals.change-refused.colour-or-mixture', value: $value));
    }

    public static function notOnePass(): self
    {
        return new self(Fact::of('refusals.change-refused.not-one-pass'));
    }

    public static function notInBowl(): self
    {
        return new self(Fact::of('refusals.change-refused.not-in-bowl'));
    }

    public static function noSuchShade(string $what): self
    {
        return new self(Fact::of('refusals.change-refused.no-such-shade', what: $what));
    }

    public static function noDeveloper(): self
    {
        return new self(Fact::of('refusals.change-refused.no-developer'));
    }

    public static function noStrengthBeyond(string $line, Strength $now, bool $up): self
    {
        return new self(Fact::of(
            $up ? 'refusals.change-refused.nothing-stronger' : 'refusals.change-refused.nothing-weaker',
            line: $line,
            now: $now->showVolume(),
        ));
    }

    public static function nothingLeft(): self
    {
        return new self(Fact::of('refusals.change-refused.nothing-left'));
    }

    public static function noSuchMinutes(int $minutes): self
    {
        return new self(Fact::of('refusals.change-refused.no-such-minutes', minutes: $minutes));
    }

    public static function noSuchStrength(string $line, Strength $wanted): self
    {
        return new self(Fact::of(
            'refusals.change-refused.no-such-strength',
            line: $line,
            wanted: $wanted->showVolume(),
        ));
    }

    public static function strengthNotKnown(): self
    {
        return new self(Fact::of('refusals.change-refused.strength-not-known'));
    }

    public static function amountNotKnown(): self
    {
        return new self(Fact::of('refusals.change-refused.amount-not-known'));
    }

    public static function toneNotKnown(string $what): self
    {
        return new self(Fact::of('refusals.change-refused.tone-not-known', what: $what));
    }

    public static function nothingToShift(): self
    {
        return new self(Fact::of('refusals.change-refused.nothing-to-shift'));
    }

    public static function nothingElseInIt(): self
    {
        return new self(Fact::of('refusals.change-refused.nothing-else-in-it'));
    }

    public static function enoughNatural(Fraction $has, int $percent): self
    {
        return new self(Fact::of(
            'refusals.change-refused.enough-natural',
            has: $has->times(Fraction::of(100))->decimal(0),
            percent: $percent,
        ));
    }
}
