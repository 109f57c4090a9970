<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** What a code was read as, and how. */
final readonly class ShadeReading
{
    /**
     * @param  Fraction  $intensity  1 as usual, 2 doubled, 1/2 muted
     * @param  list<string>  $steps  how it was read, a line a step
     */
    public function __construct(
        public int $level,
        public ToneMix $tone,
        public Fraction $intensity,
        public bool $doubleNatural,
        public array $steps,
    ) {
    }
}
