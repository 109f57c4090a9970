<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Practice\TestReaders;
use Core\Refusal;

final class TestRefused extends Refusal
{
    public static function tooEarly(int $hoursLeft): self
    {
        return new self('This skin test has not had its 48 hours.', ($hoursLeft === 1 ? 'Read it in an hour.' : "Read it in {$hoursLeft} hours.").' A reaction may be recorded now.');
    }

    public static function notAReader(TestReaders $readers): self
    {
        return new self('This house lets '.$readers->words().' read a skin test as clear.', 'Ask one to look at the skin. A reaction may be recorded by anybody.');
    }

    public static function notPlacedBy(): self
    {
        return new self('A test that was placed earlier needs the name of who placed it.', 'Write who placed it, and where on the body.');
    }

    public static function alreadyRead(): self
    {
        return new self('This skin test was read already.', 'What was read stays; a reaction that showed later may be added.');
    }
}
