<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Refusal;
use Core\Units\Strength;

final class ChangeRefused extends Refusal
{
    public static function onlyWords(): self
    {
        return new self('This change is only words.', 'Change the bowl by hand, then mark the note as done.');
    }

    public static function unreadable(string $value): self
    {
        return new self("“{$value}” does not say how much.", 'Write such as 30 vol, +1, +5 min, -5 g, +10 %, 1:2 or -1.');
    }

    public static function notInBowl(): self
    {
        return new self('The product to be replaced is not in this bowl.', 'Choose one of its products.');
    }

    public static function noSuchShade(string $what): self
    {
        return new self("The line has no {$what}.", 'Choose a shade by hand, or find a blend on the Workbench.');
    }

    public static function noDeveloper(): self
    {
        return new self('This bowl has no developer.', 'Its strength cannot change.');
    }

    public static function noStrengthBeyond(string $line, Strength $now, bool $up): self
    {
        return new self("{$line} has nothing ".($up ? 'stronger' : 'weaker')." than {$now->showVolume()}.", 'Choose a strength by hand, or another line.');
    }

    public static function nothingLeft(): self
    {
        return new self('Nothing would be left of this bowl.', 'Take off less, or take the bowl out.');
    }
}
