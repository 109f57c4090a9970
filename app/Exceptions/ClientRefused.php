<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

/** A step that a client's file does not allow. */
final class ClientRefused extends Refusal
{
    public static function noConsent(): self
    {
        return new self(Fact::of('refusals.client.no-consent'));
    }

    public static function erased(): self
    {
        return new self(Fact::of('refusals.client.erased'));
    }

    public static function merged(string $into): self
    {
        return new self(Fact::of('refusals.client.merged', into: $into));
    }

    public static function visitOpen(): self
    {
        return new self(Fact::of('refusals.client.visit-open'));
    }

    public static function themselves(): self
    {
        return new self(Fact::of('refusals.client.themselves'));
    }

    public static function practice(): self
    {
        return new self(Fact::of('refusals.client.practice'));
    }

    public static function wrongName(string $name): self
    {
        return new self(Fact::of('refusals.client.wrong-name', name: $name));
    }

    public static function notDue(int $count): self
    {
        return new self(Fact::of('refusals.client.not-due', count: $count));
    }

    public static function saidEarlier(): self
    {
        return new self(Fact::of('refusals.client.said-earlier'));
    }
}
