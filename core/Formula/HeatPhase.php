<?php

declare(strict_types=1);

namespace Core\Formula;

/** So many minutes with heat, or without: 15 with, 15 without; 25 with, then 10 to cool. */
final readonly class HeatPhase
{
    public function __construct(public bool $with, public int $minutes)
    {
    }

    public function words(): string
    {
        return "{$this->minutes} min ".($this->with ? 'with heat' : 'without');
    }
}
