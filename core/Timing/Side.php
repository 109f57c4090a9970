<?php

declare(strict_types=1);

namespace Core\Timing;

/** A part of a head that is timed by itself: left first, then right. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Front = 'front';
    case Back = 'back';
    case Upper = 'upper';
    case Lower = 'lower';

    /** What is still to come when this one is done. */
    public function other(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Front => self::Back,
            self::Back => self::Front,
            self::Upper => self::Lower,
            self::Lower => self::Upper,
        };
    }
}
