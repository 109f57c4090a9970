<?php

declare(strict_types=1);

namespace Simulator;

/**
 * An invented head: what its hair does, which nobody in the salon knows and no model reads. Drawn from a seed, so that it is
 * the same head every time.
 */
final readonly class Head
{
    /**
     * @param  float  $lifts  how readily it lifts: 1 an average head
     * @param  float  $holds  how well it holds colour: 1 an average head
     * @param  float  $warmth  how much of its warmth stays: 1 an average head
     * @param  float  $unsteady  how far one visit lies from another, in levels
     */
    public function __construct(
        public float $lifts = 1.0,
        public float $holds = 1.0,
        public float $warmth = 1.0,
        public float $unsteady = 0.0,
    ) {
    }

    public static function of(int $seed): self
    {
        $chance = new Chance($seed);

        return new self(
            lifts: max(0.5, 0.9 + 0.22 * $chance->bell()),
            holds: max(0.4, 0.9 + 0.3 * $chance->bell()),
            warmth: max(0.3, 1.2 + 0.35 * $chance->bell()),
            unsteady: 0.12,
        );
    }

    /** The same head on a day on which nothing chances. */
    public function steady(): self
    {
        return new self($this->lifts, $this->holds, $this->warmth);
    }
}
