<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

final class PhotoRefused extends Refusal
{
    public static function noPicture(): self
    {
        return new self(Fact::of('refusals.photo-refused.no-picture'));
    }

    public static function tooLarge(): self
    {
        return new self(Fact::of('refusals.photo-refused.too-large'));
    }
}
