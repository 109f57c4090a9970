<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Shelf\Pigment;
use Core\Units\Grams;

/** A shade that could stand in: what it brings, and how much of it there is. */
final readonly class Candidate
{
    /** @param  ?Grams  $stock null where it is not limited */
    public function __construct(
        public string $key,
        public string $label,
        public Pigment $pigment,
        public ?Grams $stock = null,
    ) {
    }
}
