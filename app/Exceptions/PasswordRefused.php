<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

final class PasswordRefused extends Refusal
{
    private int $seconds = 0;

    public static function wrongPair(): self
    {
        return new self(Fact::of('refusals.password-refused.wrong-pair'));
    }

    public static function wrong(): self
    {
        return new self(Fact::of('refusals.password-refused.wrong'));
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

    /** Whole seconds to wait; 0 where it was simply wrong. */
    public function seconds(): int
    {
        return $this->seconds;
    }
}
