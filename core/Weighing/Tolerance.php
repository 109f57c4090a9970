<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * How far a pour may miss its target: ±0.5 g below 10 g, ±1 g to 60 g, ±2 % above (a model of ours,
 * a house rule). Never more than half of the target, so that nothing at all is never "near enough".
 */
final readonly class Tolerance
{
    private function __construct(
        private Grams $small,
        private Grams $medium,
        private Fraction $large,
    ) {
    }

    public static function house(): self
    {
        return new self(Grams::ofCentigrams(50), Grams::ofCentigrams(100), Fraction::of(2, 100));
    }

    /** @param  Fraction  $large share of the target, 0 to 1 */
    public static function of(Grams $small, Grams $medium, Fraction $large): self
    {
        return new self($small, $medium, $large);
    }

    public function band(Grams $target): Band
    {
        $miss = match (true) {
            $target->centigrams < 1000 => $this->small->centigrams,
            $target->centigrams <= 6000 => $this->medium->centigrams,
            default => $target->exactly()->times($this->large)->rounded(1, Rounding::HalfUp),
        };
        $miss = min($miss, intdiv($target->centigrams, 2));

        return new Band(Grams::ofCentigrams($target->centigrams - $miss), $target, Grams::ofCentigrams($target->centigrams + $miss));
    }
}
