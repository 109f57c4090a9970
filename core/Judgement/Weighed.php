<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Shelf\Pigment;
use Core\Units\Fraction;

/** A product's pigment and how much of it is in the colour part: known, or known only within bounds. */
final readonly class Weighed
{
    /**
     * @param  Fraction  $least  centigrams, zero or more
     * @param  Fraction  $most  centigrams, at least $least
     */
    private function __construct(public string $label, public Pigment $pigment, public Fraction $least, public Fraction $most)
    {
    }

    public static function known(string $label, Pigment $pigment, Fraction $centigrams): self
    {
        return new self($label, $pigment, $centigrams, $centigrams);
    }

    public static function between(string $label, Pigment $pigment, Fraction $least, Fraction $most): self
    {
        return $least->compare($most) <= 0 ? new self($label, $pigment, $least, $most) : new self($label, $pigment, $most, $least);
    }

    public function isKnown(): bool
    {
        return $this->least->equals($this->most);
    }
}
