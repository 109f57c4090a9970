<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class ScaleUnreachable extends RuntimeException
{
    public static function silent(): self
    {
        return new self('The scale does not answer.');
    }

    public static function refused(string $reply): self
    {
        return new self("The scale refused: {$reply}");
    }
}
