<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\Pigment;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** One product of a worked bowl, in grams at the scale's step. */
final readonly class WorkedIngredient
{
    /**
     * @param  string  $key  product id; of an extra, with its prefix
     * @param  Fraction  $share  of its part, 0 to 1, after rounding; zero for what is in no part
     */
    public function __construct(
        public string $key,
        public string $label,
        public Grams $grams,
        public Fraction $share,
        public ?Strength $strength = null,
        public ?Pigment $pigment = null,
    ) {
    }

    /** The product's id, also of an extra. */
    public function product(): string
    {
        return Extra::productOf($this->key);
    }

    public function isExtra(): bool
    {
        return Extra::isKey($this->key);
    }

    public function withShare(Fraction $share): self
    {
        return new self(
            key: $this->key,
            label: $this->label,
            grams: $this->grams,
            share: $share,
            strength: $this->strength,
            pigment: $this->pigment,
        );
    }
}
