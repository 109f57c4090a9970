<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

final class PasswordRefused extends Refusal
{
    private int $seconds = 0;

    private bool $wantsCode = false;

    public static function wrongPair(): self
    {
        return new self(Fact::of('refusals.password-refused.wrong-pair'));
    }

    public static function wrong(): self
    {
        return new self(Fact::of('refusals.password-refused.wrong'));
    }

    /** The password was right; a code of the second factor is wanted beside it. */
    public static function second(): self
    {
        $refused = new self(Fact::of('refusals.password-refused.second'));
        $refused->wantsCode = true;

        return $refused;
    }

    public static function wrongSecond(): self
    {
        $refused = new self(Fact::of('refusals.password-refused.wrong-second'));
        $refused->wantsCode = true;

        return $refused;
    }

    public static function notTried(): self
    {
        return new self(Fact::of('refusals.password-refused.not-tried'));
    }

    public static function wait(int $seconds): self
    {
        $refused = new self($seconds === 1 ? Fact::of('refusals.password-refused.wait-a-second') : Fact::of(
            'refusals.password-refused.wait',
            seconds: $seconds,
        ));
        $refused->seconds = $seconds;

        return $refused;
    }

    public function wantsCode(): bool
    {
        return $this->wantsCode;
    }

    /** Whole seconds to wait; 0 where it was simply wrong. */
    public function seconds(): int
    {
        return $this->seconds;
    }
}
