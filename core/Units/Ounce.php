<?php

declare(strict_types=1);

namespace Core\Units;

/** What a salon means by a plain "oz" (house rule). */
enum Ounce: string
{
    /** Nobody has said: a plain "oz" is asked about. */
    case Ask = 'ask';
    case Weight = 'weight';
    case UsFluid = 'us-fluid';
    case ImperialFluid = 'imperial-fluid';
}
