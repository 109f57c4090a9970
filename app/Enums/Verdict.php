<?php

declare(strict_types=1);

namespace App\Enums;

/** How a visit came out, in one word. */
enum Verdict: string
{
    case Good = 'good';
    case Mixed = 'mixed';
    case Poor = 'poor';
}
