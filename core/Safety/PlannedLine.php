<?php

declare(strict_types=1);

namespace Core\Safety;

/** A line whose oxidative bowls are planned. */
final readonly class PlannedLine
{
    public function __construct(public string $id, public string $name)
    {
    }
}
