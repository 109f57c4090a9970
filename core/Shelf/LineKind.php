<?php

declare(strict_types=1);

namespace Core\Shelf;

/** What a line does to hair. */
enum LineKind: string
{
    case Permanent = 'permanent';
    case Demi = 'demi';
    case Lightener = 'lightener';
    case Direct = 'direct';
    /** Conditioner, barrier cream: shields, and colours nothing. */
    case Care = 'care';

    public function depositsOnly(): bool
    {
        return in_array($this, [self::Demi, self::Direct, self::Care], true);
    }

    public function isOxidative(): bool
    {
        return ! in_array($this, [self::Direct, self::Care], true);
    }

    /** Before each service with it: what meets peroxide is tested on the skin. */
    public function needsSkinTest(): bool
    {
        return $this->isOxidative();
    }
}
