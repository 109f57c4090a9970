<?php

declare(strict_types=1);

namespace Core\Safety;

/** Where a client stands with the skin test of a line, best last. */
enum SkinTestState: string
{
    case Reaction = 'reaction';
    case Missing = 'missing';
    case Expired = 'expired';
    case Waiting = 'waiting';
    case Due = 'due';
    case Clear = 'clear';

    public function words(): string
    {
        return match ($this) {
            self::Reaction => 'reaction recorded',
            self::Missing => 'no skin test',
            self::Expired => 'skin test expired',
            self::Waiting => 'skin test waiting for its 48 hours',
            self::Due => 'skin test to be read',
            self::Clear => 'skin test clear',
        };
    }

    /** How good it is to have, for choosing between several tests. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
