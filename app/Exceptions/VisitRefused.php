<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Judgement\Caution;
use Core\Refusal;
use Core\Safety\Step;

/** A step that the visit's state does not allow. */
final class VisitRefused extends Refusal
{
    public static function closed(): self
    {
        return new self(Fact::of('refusals.visit-refused.closed'));
    }

    public static function bowlBeingWeighed(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.bowl-being-weighed', letter: $letter));
    }

    public static function bowlWasBegun(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.bowl-was-begun', letter: $letter));
    }

    public static function alreadyUnderWay(): self
    {
        return new self(Fact::of('refusals.visit-refused.already-under-way'));
    }

    public static function stillWeighing(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.still-weighing', letter: $letter));
    }

    public static function nothingToWeigh(): self
    {
        return new self(Fact::of('refusals.visit-refused.nothing-to-weigh'));
    }

    public static function nothingWeighed(): self
    {
        return new self(Fact::of('refusals.visit-refused.nothing-weighed'));
    }

    public static function nothingPlanned(): self
    {
        return new self(Fact::of('refusals.visit-refused.nothing-planned'));
    }

    public static function notClosedYet(): self
    {
        return new self(Fact::of('refusals.visit-refused.not-closed-yet'));
    }

    public static function letterTaken(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.letter-taken', letter: $letter));
    }

    /** @param  list<Caution>  $reasons  what refused */
    public static function at(Step $step, string $letter, array $reasons): self
    {
        $facts = array_map(static fn (Caution $caution): Fact => $caution->fact, $reasons);
        $first = $reasons[0] ?? null;
        if ($first !== null && in_array($first->key, ['not-mixed', 'never-begun', 'set-aside'], true)) {
            return new self(Fact::of('refusals.visit-refused.stands', reasons: $facts, mend: $first->fact->mend()));
        }

        return new self(Fact::of(
            $step === Step::Weigh ? 'refusals.visit-refused.may-not-weigh' : 'refusals.visit-refused.may-not-go-on',
            letter: $letter,
            reasons: $facts,
        ));
    }

    public static function leftElsewhere(string $letter, string $others): self
    {
        return new self(Fact::of('refusals.visit-refused.left-elsewhere', letter: $letter, others: $others));
    }

    public static function reasonTooShort(): self
    {
        return new self(Fact::of('refusals.visit-refused.reason-too-short'));
    }

    public static function notVouched(): self
    {
        return new self(Fact::of('refusals.visit-refused.not-vouched'));
    }

    public static function notWaivable(): self
    {
        return new self(Fact::of('refusals.visit-refused.not-waivable'));
    }

    public static function notLicensed(): self
    {
        return new self(Fact::of('refusals.visit-refused.not-licensed'));
    }

    public static function notMixed(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.not-mixed', letter: $letter));
    }

    public static function roundNotEmpty(string $name): self
    {
        return new self(Fact::of('refusals.visit-refused.round-not-empty', name: $name));
    }

    public static function notATrial(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.not-a-trial', letter: $letter));
    }

    public static function trialOpen(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.trial-open', letter: $letter));
    }

    public static function decided(): self
    {
        return new self(Fact::of('refusals.visit-refused.decided'));
    }

    public static function changedSince(string $letter): self
    {
        return new self(Fact::of('refusals.visit-refused.changed-since', letter: $letter));
    }

    public static function notOnShelf(): self
    {
        return new self(Fact::of('refusals.visit-refused.not-on-shelf'));
    }

    public static function otherLine(string $label, string $line): self
    {
        return new self(Fact::of('refusals.visit-refused.other-line', label: $label, line: $line));
    }

    public static function badTimes(string $text): self
    {
        return new self(Fact::of('refusals.visit-refused.bad-times', text: $text));
    }

    public static function idTaken(): self
    {
        return new self(Fact::of('refusals.visit-refused.id-taken'));
    }
}
