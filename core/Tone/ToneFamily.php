<?php

declare(strict_types=1);

namespace Core\Tone;

/** The families a shade's tone can belong to (common practice, no source). */
enum ToneFamily: string
{
    case Natural = 'natural';
    /** Blue. */
    case Ash = 'ash';
    /** Green. */
    case Matte = 'matte';
    case Violet = 'violet';
    /** Violet-blue, light. */
    case Pearl = 'pearl';
    /** Gold with violet or ash. */
    case Beige = 'beige';
    case Gold = 'gold';
    case Copper = 'copper';
    /** Red-violet. */
    case Mahogany = 'mahogany';
    case Red = 'red';
    /** Warm, muted. */
    case Brown = 'brown';

    /** Warm above zero, cool below, in tenths: how far the family leans (our own model). */
    public function warmth(): int
    {
        return match ($this) {
            self::Natural => 0,
            self::Ash => -10,
            self::Matte => -6,
            self::Violet => -7,
            self::Pearl => -6,
            self::Beige => -1,
            self::Gold => 8,
            self::Copper => 10,
            self::Mahogany => 5,
            self::Red => 9,
            self::Brown => 3,
        };
    }
}
