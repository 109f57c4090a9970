<?php

declare(strict_types=1);

namespace Core\Rules;

use Core\Refusal;

final class InvalidRule extends Refusal
{
    /** @param  list<string>  $known */
    public static function notOneOf(string $rule, string $given, array $known): self
    {
        return new self("“{$given}” is no setting of “{$rule}”.", 'Choose '.implode(' or ', $known).'.');
    }

    public static function greyMustRise(): self
    {
        return new self('The breakpoints for grey must rise from 0 to 100.', 'Write them smallest first, such as 25, 50, 75.');
    }
}
