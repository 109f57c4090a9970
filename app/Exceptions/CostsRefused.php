<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

final class CostsRefused extends Refusal
{
    /** @param  string  $since  the day from which on it can be summed, as 2026-11-27 */
    public static function tooMuch(string $since): self
    {
        return new self(Fact::of('refusals.costs-refused.too-much', since: $since));
    }
}
