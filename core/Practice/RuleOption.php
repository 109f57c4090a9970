<?php

declare(strict_types=1);

namespace Core\Practice;

/** One of the ways a house rule can be set: the value that is stored, and the words for it. */
final readonly class RuleOption
{
    public function __construct(public string $value, public string $words)
    {
    }
}
