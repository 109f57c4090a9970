<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Fact;
use Core\Practice\TestReaders;
use Core\Refusal;

final class TestRefused extends Refusal
{
    public static function tooEarly(int $hoursLeft): self
    {
        return new self($hoursLeft === 1 ? Fact::of('refusals.test-refused.too-early-an-hour') : Fact::of(
            'refusals.test-refused.too-early',
            hours: $hoursLeft,
        ));
    }

    public static function notAReader(TestReaders $readers): self
    {
        return new self(Fact::of('refusals.test-refused.not-a-reader', readers: $readers->words()));
    }

    public static function notPlacedBy(): self
    {
        return new self(Fact::of('refusals.test-refused.not-placed-by'));
    }

    public static function alreadyRead(): self
    {
        return new self(Fact::of('refusals.test-refused.already-read'));
    }
}
