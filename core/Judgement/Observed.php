<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Strength;

/** What this client's hair really did in a closed visit: so many levels, with this strength, in these minutes. */
final readonly class Observed
{
    public function __construct(
        public LineKind $kind,
        public ?Strength $strength,
        public int $minutes,
        public Fraction $lifted,
    ) {
    }
}
