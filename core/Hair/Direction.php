<?php

declare(strict_types=1);

namespace Core\Hair;

/** Which way a zone is to go. */
enum Direction: string
{
    case Unread = 'unread';
    case Lift = 'lift';
    case Deepen = 'deepen';
    case Fill = 'fill';
    case Tone = 'tone';
    case Leave = 'leave';
}
