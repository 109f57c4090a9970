<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Refusal;

final class SubstitutionRefused extends Refusal
{
    public static function emptyShelf(): self
    {
        return new self('There is nothing on the shelf to blend from.', 'Take in stock, or choose another line.');
    }

    public static function noLevel(): self
    {
        return new self('The wanted shade carries no level.', 'Look for a shade; clear and boosters have no substitute.');
    }

    public static function nothingWanted(string $step): self
    {
        return new self('The wanted amount comes to nothing on the scale.', "Ask for at least one step of {$step}.");
    }

    public static function tooManyShades(int $limit): self
    {
        return new self("There are more than {$limit} shades on this shelf.", 'Search within one line.');
    }

    public static function notEnoughStock(): self
    {
        return new self('No three of these shades are enough for the wanted amount.', 'Make the bowl smaller, or take in stock.');
    }
}
