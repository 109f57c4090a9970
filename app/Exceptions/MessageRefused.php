<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

/** A message that cannot go out like this. */
final class MessageRefused extends Refusal
{
    public static function notDue(): self
    {
        return new self(Fact::of('refusals.message.not-due'));
    }

    public static function noMail(): self
    {
        return new self(Fact::of('refusals.message.no-mail'));
    }

    public static function noAddress(string $name): self
    {
        return new self(Fact::of('refusals.message.no-address', name: $name));
    }

    public static function unwanted(string $name): self
    {
        return new self(Fact::of('refusals.message.unwanted', name: $name));
    }

    public static function onItsWay(): self
    {
        return new self(Fact::of('refusals.message.on-its-way'));
    }

    public static function gone(): self
    {
        return new self(Fact::of('refusals.message.gone'));
    }
}
