<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Grams;

/** A target and the edges within which a pour counts as on it. */
final readonly class Band
{
    public function __construct(public Grams $low, public Grams $target, public Grams $high)
    {
    }

    public function place(Grams $poured): PourPlace
    {
        return match (true) {
            $poured->isMoreThan($this->high) => PourPlace::Over,
            $this->low->isMoreThan($poured) => PourPlace::Under,
            default => PourPlace::Inside,
        };
    }
}
