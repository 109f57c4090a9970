<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Refusal;

final class InvalidStrength extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self("“{$text}” is not a developer strength.", 'Write it as 20 vol or 6 %.');
    }

    public static function ambiguous(string $text, string $asVolume, string $asPercent): self
    {
        return new self("“{$text}” could be {$asVolume} or {$asPercent}.", 'Add “vol” or “%”.');
    }

    public static function disagree(string $text, string $volume, string $percent): self
    {
        return new self("“{$text}” disagrees with itself: {$volume} is not {$percent}.", "Which one is on the bottle? Keep {$volume}, or write {$percent}.");
    }

    public static function aboveLimit(string $text): self
    {
        return new self("“{$text}” is above 40 vol (12 %), the most that belongs on hair.", 'Choose 40 vol or less, and follow the maker’s instructions and local rules.');
    }

    public static function notPositive(string $text): self
    {
        return new self("“{$text}” is no strength.", 'Write a strength above 0, or make a bowl without developer.');
    }

    public static function outOfReach(string $wanted, string $weakest, string $strongest): self
    {
        return new self("{$wanted} cannot be blended from {$weakest} to {$strongest}.", "Choose a strength between {$weakest} and {$strongest}, or add a developer to the line.");
    }

    public static function nothingToBlend(string $wanted): self
    {
        return new self("{$wanted} cannot be blended: this line has no developers.", 'Add a developer to the line.');
    }
}
