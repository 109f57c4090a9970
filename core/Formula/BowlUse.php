<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Grams;

/** One of the jobs that one mixture serves, and how much of it. */
final readonly class BowlUse
{
    public function __construct(public string $job, public Grams $grams)
    {
    }
}
