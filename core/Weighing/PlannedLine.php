<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** One product to pour: what it is, which part of the ratio it belongs to, and how much. */
final readonly class PlannedLine
{
    /**
     * @param  ?int  $part index of the part of the ratio; null for an additive on top of it
     * @param  bool  $open  poured by eye: whatever goes in is right, and the scale says how much it was
     * @param  string  $said  its amount as it was said: a dash
     * @param  ?Fraction  $share  of its part, where that is known and the grams are not
     */
    public function __construct(
        public string $key,
        public string $label,
        public ?int $part,
        public Grams $target,
        public ?Strength $strength = null,
        public bool $open = false,
        public string $said = '',
        public ?Fraction $share = null,
    ) {
    }
}
