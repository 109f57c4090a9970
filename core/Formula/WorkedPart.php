<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Grams;
use Core\Units\Strength;

/** One part of a worked bowl; its ingredients add up exactly to its total. */
final readonly class WorkedPart
{
    /** @param  list<WorkedIngredient>  $ingredients */
    public function __construct(public string $name, public Grams $total, public array $ingredients)
    {
    }

    /** The strength of this part by mass; null when nothing in it has one. Products without a strength thin it. */
    public function strength(): ?Strength
    {
        $volume = null;
        foreach ($this->ingredients as $ingredient) {
            if ($ingredient->strength !== null) {
                $carried = $ingredient->strength->volume->times($ingredient->grams->exactly());
                $volume = $volume?->plus($carried) ?? $carried;
            }
        }

        return $volume === null ? null : Strength::ofVolume($volume->dividedBy($this->total->exactly()));
    }
}
