<?php

declare(strict_types=1);

namespace Simulator;

/** A strand as it is: its level, what was done to it, and how its colour leans. */
final readonly class Hair
{
    /**
     * @param  float  $level  1 to 12
     * @param  float  $lifted  levels of natural pigment taken from it so far
     * @param  bool  $dyed  oxidative colour lies in it
     * @param  array{float, float}  $lean  toward red-and-green, yellow-and-blue, seen from natural hair
     */
    public function __construct(
        public float $level,
        public float $lifted = 0.0,
        public bool $dyed = false,
        public array $lean = [0.0, 0.0],
    ) {
    }

    /** Hair that somebody has lightened to that level, and left so. */
    public static function lightened(float $level): self
    {
        return new self($level, max(0.0, $level - 5), false, Tint::bare($level, max(0.0, $level - 5)));
    }
}
