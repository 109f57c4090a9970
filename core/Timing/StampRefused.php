<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Refusal;

final class StampRefused extends Refusal
{
    public static function notBegun(): self
    {
        return new self('This bowl has not been begun.', 'Mark its first touch first.');
    }

    public static function alreadyBegun(): self
    {
        return new self('This bowl is on the hair already.', 'Take the mark back if it was a slip.');
    }

    public static function alreadyComplete(): self
    {
        return new self('Its application is complete already.', 'Take the mark back if it was a slip.');
    }

    public static function alreadyRinsed(): self
    {
        return new self('This bowl is rinsed already.', 'Take the mark back if it was a slip.');
    }

    public static function setAside(): self
    {
        return new self('This bowl was marked as not used.', 'Take that mark back if it does go on.');
    }

    public static function nothingToUndo(): self
    {
        return new self('There is no mark to take back.', 'Nothing has been marked yet.');
    }

    public static function backwards(): self
    {
        return new self('This moment lies before the last mark.', 'Check the clock, or take the last mark back.');
    }
}
