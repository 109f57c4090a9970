<?php

declare(strict_types=1);

namespace Core\Judgement;

/** Something that can hurt or disappoint, why, and what mends it. Never a promise that something is safe. */
final readonly class Caution
{
    public function __construct(public string $key, public string $reason, public string $mend)
    {
    }
}
