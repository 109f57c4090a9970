<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Units\Fraction;

/** What is wished of a part of a zone's strands, beside the wish for the others: two thirds light, a third brown. */
final readonly class SecondWish
{
    public function __construct(
        public PartOfZone $of,
        public ?Fraction $level = null,
        public Tones $tone = new Tones([]),
        public string $words = '',
    ) {
    }
}
