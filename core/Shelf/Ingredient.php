<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Share;
use Core\Units\Strength;

/** One product in one part of a bowl. */
final readonly class Ingredient
{
    /**
     * @param  string  $key  unique within the bowl
     * @param  ?Strength  $strength  of a developer; null for everything else
     */
    public function __construct(
        public string $key,
        public string $label,
        public Share $share,
        public ?Strength $strength = null,
    ) {
    }
}
