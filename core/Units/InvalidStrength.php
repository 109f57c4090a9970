<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class InvalidStrength extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(trim($text) === ''
            ? Fact::of('refusals.invalid-strength.missing')
            : Fact::of('refusals.invalid-strength.unreadable', text: $text));
    }

    public static function ambiguous(string $text, string $asVolume, string $asPercent): self
    {
        return new self(Fact::of(
            'refusals.invalid-strength.ambiguous',
            text: $text,
            asVolume: $asVolume,
            asPercent: $asPercent,
        ));
    }

    public static function disagree(string $text, string $volume, string $percent): self
    {
        return new self(Fact::of(
            'refusals.invalid-strength.disagree',
            text: $text,
            volume: $volume,
            percent: $percent,
        ));
    }

    public static function aboveLimit(string $text): self
    {
        return new self(Fact::of('refusals.invalid-strength.above-limit', text: $text));
    }

    public static function notPositive(string $text): self
    {
        return new self(Fact::of('refusals.invalid-strength.not-positive', text: $text));
    }

    public static function outOfReach(string $wanted, string $weakest, string $strongest): self
    {
        return new self(Fact::of(
            'refusals.invalid-strength.out-of-reach',
            wanted: $wanted,
            weakest: $weakest,
            strongest: $strongest,
        ));
    }

    public static function nothingToBlend(string $wanted): self
    {
        return new self(Fact::of('refusals.invalid-strength.nothing-to-blend', wanted: $wanted));
    }
}
