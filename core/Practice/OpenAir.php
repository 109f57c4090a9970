<?php

declare(strict_types=1);

namespace Core\Practice;

/** Open air misses a foil's heat: go one strength up, or stay low and give it time. */
enum OpenAir: string
{
    case StrengthUp = 'strength-up';
    case SlowAndLow = 'slow-and-low';
}
