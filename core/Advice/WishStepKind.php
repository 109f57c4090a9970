<?php

declare(strict_types=1);

namespace Core\Advice;

enum WishStepKind: string
{
    case Lift = 'lift';
    case Fill = 'fill';
    case Tone = 'tone';
    case Colour = 'colour';
}
