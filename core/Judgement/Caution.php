<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;

/** Something that can hurt or disappoint, why, and what mends it. Never a promise that something is safe. */
final readonly class Caution
{
    /** @param  string  $key  what it is about, the same however it is said */
    public function __construct(public string $key, public Fact $fact)
    {
    }
}
