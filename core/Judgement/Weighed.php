<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Shelf\Pigment;
use Core\Units\Fraction;

/** A product's pigment and how much of it is in the colour part. */
final readonly class Weighed
{
    /** @param  Fraction  $centigrams  zero or more */
    public function __construct(public string $label, public Pigment $pigment, public Fraction $centigrams)
    {
    }
}
