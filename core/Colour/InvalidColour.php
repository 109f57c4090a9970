<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\Refusal;

final class InvalidColour extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self("“{$text}” is not a colour.", 'Write it as #rrggbb.');
    }
}
