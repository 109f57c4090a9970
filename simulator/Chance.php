<?php

declare(strict_types=1);

namespace Simulator;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that is the same every time for the same seed. */
final class Chance
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** About normal, middle 0 and deviation 1: the sum of twelve even chances less six. */
    public function bell(): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; $i++) {
            $sum += $this->random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $sum;
    }
}
