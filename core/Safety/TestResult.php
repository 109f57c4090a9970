<?php

declare(strict_types=1);

namespace Core\Safety;

/** What the skin showed when a test was read. */
enum TestResult: string
{
    case Clear = 'clear';
    case Reaction = 'reaction';
}
