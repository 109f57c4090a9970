<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Refusal;

final class InvalidRule extends Refusal
{
    /** @param  list<string>  $known */
    public static function notOneOf(string $rule, string $given, array $known): self
    {
        return new self("“{$given}” is no setting of “{$rule}”.", 'Choose '.implode(' or ', $known).'.');
    }

    public static function outOfRange(string $rule, string $given, string $least, string $most, string $unit): self
    {
        return new self("“{$rule}” cannot be {$given}.", trim("Write a number from {$least} to {$most} {$unit}").'.');
    }

    public static function notWhole(string $given): self
    {
        return new self("“{$given}” is not a whole number.", 'Write one such as 7.');
    }

    public static function greyMustRise(): self
    {
        return new self('The breakpoints for grey must rise from 0 to 100.', 'Write them smallest first, such as 25, 50, 75.');
    }

    /** @param  list<string>  $known */
    public static function unknown(string $key, array $known): self
    {
        return new self("There is no house rule “{$key}”.", 'The rules are '.implode(', ', $known).'.');
    }
}
