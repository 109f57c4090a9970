<?php

declare(strict_types=1);

namespace Core\Units;

/** A mass, held as whole centigrams (1 cg = 0.01 g). Never negative. */
final readonly class Grams
{
    /** What a person may type for one amount: five kilograms is beyond any bowl. */
    public const LARGEST_TYPED = 5000;

    private function __construct(public int $centigrams)
    {
    }

    /** @throws InvalidAmount below zero */
    public static function ofCentigrams(int $centigrams): self
    {
        return $centigrams >= 0
            ? new self($centigrams)
            : throw InvalidAmount::negative(self::written($centigrams).' g');
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /** Rounds an exact number of centigrams to a whole multiple of the step. */
    public static function rounded(Fraction $centigrams, ScaleStep $step, Rounding $rounding): self
    {
        return self::ofCentigrams($centigrams->rounded($step->centigrams(), $rounding));
    }

    public function plus(self $that): self
    {
        return new self($this->centigrams + $that->centigrams);
    }

    /** @throws InvalidAmount when that is more than this */
    public function minus(self $that): self
    {
        return self::ofCentigrams($this->centigrams - $that->centigrams);
    }

    /** What is left of this after that, never below zero. */
    public function lessAtMost(self $that): self
    {
        return new self(max(0, $this->centigrams - $that->centigrams));
    }

    /** The exact number of centigrams, for arithmetic that must not round yet. */
    public function exactly(): Fraction
    {
        return Fraction::of($this->centigrams);
    }

    public function isZero(): bool
    {
        return $this->centigrams === 0;
    }

    public function isMoreThan(self $that): bool
    {
        return $this->centigrams > $that->centigrams;
    }

    public function equals(self $that): bool
    {
        return $this->centigrams === $that->centigrams;
    }

    /** @param  iterable<self>  $masses */
    public static function sum(iterable $masses): self
    {
        $centigrams = 0;
        foreach ($masses as $mass) {
            $centigrams += $mass->centigrams;
        }

        return new self($centigrams);
    }

    /** To the scale's step, with the unit: 60.0 g, 12.5 g, 8 g. Finer centigrams are shown, never hidden. */
    public function show(ScaleStep $step): string
    {
        $decimals = $this->centigrams % 10 !== 0 ? 2 : ($this->centigrams % 100 !== 0 ? 1 : 0);

        return self::written($this->centigrams, max($decimals, $step->decimals())).' g';
    }

    /** Without a step: as few decimals as the value needs. */
    public function text(): string
    {
        return rtrim(rtrim(self::written($this->centigrams, 2), '0'), '.').' g';
    }

    private static function written(int $centigrams, int $decimals = 2): string
    {
        return number_format($centigrams / 100, $decimals, '.', '');
    }
}
