<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Words\Say;
use RuntimeException;

final class ScaleUnreachable extends RuntimeException
{
    public static function silent(): self
    {
        return new self(Say::plain('The scale does not answer.'));
    }

    public static function refused(string $reply): self
    {
        return new self(Say::plain('The scale refused: :reply', ['reply' => $reply]));
    }
}
