<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Judgement\Caution;
use Core\Refusal;
use Core\Safety\Step;

/** A step that the visit's state does not allow. */
final class VisitRefused extends Refusal
{
    public static function closed(): self
    {
        return new self('This visit is closed.', 'Repeat it to make a new one; a closed record stays as it is.');
    }

    public static function bowlBeingWeighed(string $letter): self
    {
        return new self("Bowl {$letter} is being weighed or has been.", 'Start another bowl; what was poured stays on record.');
    }

    public static function stillWeighing(string $letter): self
    {
        return new self("Bowl {$letter} is still being weighed.", 'Finish or discard it on the bench, then close the visit.');
    }

    public static function nothingWeighed(): self
    {
        return new self('Nothing has been weighed in this visit.', 'Weigh its bowls first.');
    }

    public static function notClosedYet(): self
    {
        return new self('Only a closed visit can be repeated.', 'Close it first, so that its outcome is known.');
    }

    public static function letterTaken(string $letter): self
    {
        return new self("There is already a bowl {$letter} in this visit.", 'Give this one another letter.');
    }

    /** @param  list<Caution>  $reasons  what refused */
    public static function at(Step $step, string $letter, array $reasons): self
    {
        $first = $reasons[0] ?? new Caution('', '', '');
        $words = implode(' ', array_map(static fn (Caution $caution): string => $caution->reason, $reasons));
        if (in_array($first->key, ['not-mixed', 'never-begun', 'set-aside'], true)) {
            return new self($words, $first->mend);
        }

        return new self(match ($step) {
            Step::Weigh => "Bowl {$letter} may not be weighed yet: {$words}",
            Step::Begin, Step::Close => "Oxidative colour may not go on: {$words}",
        }, 'Put right what is said, or, where local rules permit, let a licensed person record a reason.');
    }

    public static function leftElsewhere(string $letter, string $others): self
    {
        return new self("What is left of bowl {$letter} goes into bowl {$others}.", "Take it out of bowl {$others} first.");
    }

    public static function reasonTooShort(): self
    {
        return new self('This is no reason yet.', 'Write in a few words who decided it, and on what grounds.');
    }

    public static function notVouched(): self
    {
        return new self('A birthday or a practice head is changed by the owner or a licensed person.', 'Ask one of them: these two decide whether the skin-test gate asks at all.');
    }

    public static function notWaivable(): self
    {
        return new self('What stands against this service cannot be waived.', 'A reaction needs medical clearance on record; the rest has to be put right.');
    }

    public static function notLicensed(): self
    {
        return new self('Only a licensed member of the team may record such a reason.', 'Ask somebody whose licence is on record.');
    }

    public static function notMixed(string $letter): self
    {
        return new self("Bowl {$letter} has not been mixed.", 'Weigh it first; what goes on the hair is on record.');
    }

    public static function roundNotEmpty(string $name): self
    {
        return new self("The round “{$name}” still has bowls.", 'Move them or take them out first.');
    }

    public static function notATrial(string $letter): self
    {
        return new self("Bowl {$letter} is no test strand.", 'Set its purpose to trial first.');
    }

    public static function trialOpen(string $letter): self
    {
        return new self("The test strand {$letter} has no result yet.", 'Record what it came to, then carry it on.');
    }

    public static function decided(): self
    {
        return new self('This was decided already.', 'Look at the bowl as it stands.');
    }

    public static function changedSince(string $letter): self
    {
        return new self("Bowl {$letter} was changed since.", 'Take the later change back first, or change the bowl by hand.');
    }

    public static function notOnShelf(): self
    {
        return new self('This product is not on the shelf.', 'Choose one from the shelf.');
    }

    public static function otherLine(string $label, string $line): self
    {
        return new self("{$label} belongs to another colour line.", "Into this bowl goes what belongs to {$line}.");
    }

    public static function badTimes(string $text): self
    {
        return new self("“{$text}” does not say how large the batch is.", 'Write such as 1/2, 0.5, 2 or 1.');
    }

    public static function idTaken(): self
    {
        return new self('This id already belongs to another record.', 'Reload the page and try again.');
    }
}
