<?php

declare(strict_types=1);

namespace Core\Safety;

/**
 * A licensed person's reason instead of a skin test. It stands for the lines that were planned when it was signed, and
 * for no other.
 */
final readonly class SignedWaiver
{
    /** @param  list<string>  $lines  ids */
    public function __construct(public array $lines, public string $reason)
    {
    }
}
