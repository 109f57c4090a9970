<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Refusal;

final class PasswordRefused extends Refusal
{
    private int $seconds = 0;

    public static function wrongPair(): self
    {
        return new self('Name or password is not right.', 'Check both and try again; the owner can set a new password.');
    }

    public static function wrong(): self
    {
        return new self('This is not your password.', 'Type it again.');
    }

    public static function wait(int $seconds): self
    {
        $refused = new self('Too many tries.', $seconds === 1 ? 'Wait a second, then try again.' : "Wait {$seconds} seconds, then try again.");
        $refused->seconds = $seconds;

        return $refused;
    }

    /** Whole seconds to wait; 0 where it was simply wrong. */
    public function seconds(): int
    {
        return $this->seconds;
    }
}
