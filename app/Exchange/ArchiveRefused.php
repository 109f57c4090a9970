<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;

/** Why an archive is not written or not taken, and what mends it; nothing is changed by half. */
final class ArchiveRefused extends RuntimeException
{
    public static function because(string $what, string $mend): self
    {
        return new self("{$what} {$mend}");
    }
}
