<?php

declare(strict_types=1);

namespace Core\Timing;

final readonly class Stamp
{
    /**
     * @param  int  $second  counted from any fixed moment, the same for all
     * @param  int  $minutes  given, where more are
     */
    public function __construct(public StampKind $kind, public int $second, public int $minutes = 0)
    {
    }
}
