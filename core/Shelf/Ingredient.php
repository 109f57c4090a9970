<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Share;
use Core\Units\Strength;

/** One product in one part of a bowl. */
final readonly class Ingredient
{
    /**
     * @param  ?Strength  $strength  of a developer or of what was left of a bowl; null for everything else
     * @param  ?Pigment  $pigment  what it brings of colour; null where nobody has said
     */
    public function __construct(
        public string $key,
        public string $label,
        public Share $share,
        public ?Strength $strength = null,
        public ?Pigment $pigment = null,
    ) {
    }
}
