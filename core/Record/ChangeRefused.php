<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Refusal;
use Core\Units\Fraction;
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

    public static function notUnderstood(string $words): self
    {
        return new self("“{$words}” is not understood.", 'Say one change a line, such as: 5 g less of the colour; a strength up; 7A instead of 7G; half a level deeper.');
    }

    public static function ofAnotherBowl(): self
    {
        return new self('This adds a bowl or takes one out; it does not change this one.', 'Copy the bowl, or take it out, under “Copy, split, merge, move”.');
    }

    public static function colourOrMixture(string $value): self
    {
        return new self("It is not said whether {$value} is of the colour or of the mixture.", 'Say which; the house remembers it.');
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

    public static function noSuchMinutes(int $minutes): self
    {
        return new self("{$minutes} minutes cannot be.", 'Write 1 to 600 minutes.');
    }

    public static function noSuchStrength(string $line, Strength $wanted): self
    {
        return new self("{$line} has no {$wanted->showVolume()}.", 'Name one of its developers, or a strength to be mixed from them.');
    }

    public static function strengthNotKnown(): self
    {
        return new self('The strength that is in this bowl is not known.', 'Name the strength it is to have.');
    }

    public static function amountNotKnown(): self
    {
        return new self('How much this bowl is is not known.', 'Say it in percent or in times, or weigh it first.');
    }

    public static function toneNotKnown(string $what): self
    {
        return new self("How this bowl is made up is not known, so “{$what}” cannot be worked.", 'Weigh it, or write its shares and its shades.');
    }

    public static function nothingToShift(): self
    {
        return new self('Nothing in this bowl carries a level.', 'Put a shade in, or change it by hand.');
    }

    public static function nothingElseInIt(): self
    {
        return new self('The bowl holds nothing else.', 'Put another shade in first.');
    }

    public static function enoughNatural(Fraction $has, int $percent): self
    {
        return new self("The bowl has {$has->times(Fraction::of(100))->decimal(0)} % natural already, which {$percent} % grey does not exceed by the house’s rule.", 'Name a higher share of grey, or a double natural by hand.');
    }
}
