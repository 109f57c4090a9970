<?php

declare(strict_types=1);

namespace Core\Formula;

/** A product on top of the ratio: bond builder, scalp oil, stain guard. */
final readonly class Additive
{
    /** @param  string  $key unique within the bowl */
    public function __construct(public string $key, public string $label, public Dose $dose)
    {
    }
}
