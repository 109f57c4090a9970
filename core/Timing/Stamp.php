<?php

declare(strict_types=1);

namespace Core\Timing;

final readonly class Stamp
{
    /** @param  int  $second  counted from any fixed moment, the same for all */
    public function __construct(public StampKind $kind, public int $second)
    {
    }
}
