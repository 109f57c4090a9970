<?php

declare(strict_types=1);

namespace Core\Practice;

/** Who may read a skin test as clear. A reaction may be recorded by anybody, at any time. */
enum TestReaders: string
{
    case Licensed = 'licensed';
    case Colourists = 'colourists';
    case Everybody = 'everybody';

    public function include(bool $licensed, bool $formulates): bool
    {
        return match ($this) {
            self::Licensed => $licensed,
            self::Colourists => $formulates,
            self::Everybody => true,
        };
    }

    /** Whom to ask. */
    public function words(): string
    {
        return match ($this) {
            self::Licensed => 'a licensed member of the team',
            self::Colourists => 'a colourist',
            self::Everybody => 'anybody on the team',
        };
    }
}
