<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Refusal;

final class InvalidRatio extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self("“{$text}” is not a ratio.", 'Write colour : developer by weight, such as 1:1.5, 1:2 or 1:2.5:3.5.');
    }

    public static function emptyPart(string $text): self
    {
        return new self("“{$text}” has a part of zero.", 'Every part needs a number above 0. For a bowl without developer, write “no developer”.');
    }

    public static function absurd(string $text, int $limit): self
    {
        return new self("“{$text}” has a part more than {$limit} times another.", 'Check the ratio: colour first, developer second.');
    }

    public static function tooManyParts(string $text, int $limit): self
    {
        return new self("“{$text}” has more than {$limit} parts.", 'Put extra products in as shares of a part, or as additives.');
    }
}
