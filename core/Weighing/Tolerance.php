<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Practice\PourMiss;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * How far a pour may miss its target, by the house's rule. Never more than half of the target, so that nothing at all
 * is never "near enough".
 */
final readonly class Tolerance
{
    private function __construct(public PourMiss $miss)
    {
    }

    public static function house(): self
    {
        return new self(PourMiss::standard());
    }

    public static function of(PourMiss $miss): self
    {
        return new self($miss);
    }

    public function band(Grams $target): Band
    {
        $miss = match (true) {
            $target->centigrams < 1000 => $this->miss->below10->centigrams,
            $target->centigrams <= 6000 => $this->miss->to60->centigrams,
            default => $target->exactly()->times($this->miss->above60)->rounded(1, Rounding::HalfUp),
        };
        $miss = min($miss, intdiv($target->centigrams, 2));

        return new Band(
            Grams::ofCentigrams($target->centigrams - $miss),
            $target,
            Grams::ofCentigrams($target->centigrams + $miss),
        );
    }
}
