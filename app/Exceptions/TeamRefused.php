<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Core\Refusal;

final class TeamRefused extends Refusal
{
    public static function lastOwner(): self
    {
        return new self(Fact::of('refusals.team.last-owner'));
    }

    public static function linkUsed(): self
    {
        return new self(Fact::of('refusals.team.link-used'));
    }

    public static function noPin(): self
    {
        return new self(Fact::of('refusals.team.no-pin'));
    }

    public static function wrongPin(): self
    {
        return new self(Fact::of('refusals.team.wrong-pin'));
    }

    public static function begun(): self
    {
        return new self(Fact::of('refusals.team.begun'));
    }
}
