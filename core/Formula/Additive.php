<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Amount;

/** A product on top of the ratio: bond builder, scalp oil, stain guard. */
final readonly class Additive
{
    /**
     * @param  string  $key  unique within the bowl
     * @param  Dose|Amount  $dose  an amount where it is not simply known
     */
    public function __construct(public string $key, public string $label, public Dose|Amount $dose)
    {
    }

    public function isKnown(): bool
    {
        return $this->dose instanceof Dose;
    }
}
