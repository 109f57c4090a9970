<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** One product of a worked bowl, in grams at the scale's step. */
final readonly class WorkedIngredient
{
    /** @param  Fraction  $share of its part, 0 to 1, after rounding; zero for additives */
    public function __construct(
        public string $key,
        public string $label,
        public Grams $grams,
        public Fraction $share,
        public ?Strength $strength = null,
    ) {
    }
}
