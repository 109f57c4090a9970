<?php

declare(strict_types=1);

namespace Core\Scale;

use Core\Fact;
use Core\Refusal;

final class GarbledLine extends Refusal
{
    public static function unreadable(): self
    {
        return new self(Fact::of('refusals.garbled-line.unreadable'));
    }

    public static function unknownUnit(): self
    {
        return new self(Fact::of('refusals.garbled-line.unknown-unit'));
    }

    public static function checksum(): self
    {
        return new self(Fact::of('refusals.garbled-line.checksum'));
    }
}
