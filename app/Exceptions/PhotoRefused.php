<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Refusal;

final class PhotoRefused extends Refusal
{
    public static function noPicture(): self
    {
        return new self('This file is no picture that can be read.', 'Choose a JPEG, PNG or WebP photograph.');
    }

    public static function tooLarge(): self
    {
        return new self('This picture has more than 50 million pixels.', 'Take it smaller.');
    }
}
