<?php

declare(strict_types=1);

namespace Simulator;

/**
 * An invented head: what its hair does, which nobody in the salon knows and no model reads. Drawn from a seed, so that
 * it is the same head every time.
 */
final readonly class Head
{
    /**
     * @param  float  $lifts  how readily it lifts: 1 an average head
     * @param  float  $holds  how well it holds colour: 1 an average head
     * @param  float  $drinks  levels that full colour comes out deeper than on an average head, lighter below zero
     * @param  float  $warmth  how much of its warmth stays: 1 an average head
     * @param  float  $unsteady  how far one visit lies from another, in levels
     */
    public function __construct(
        public float $lifts = 1.0,
        public float $holds = 1.0,
        public float $warmth = 1.0,
        public float $drinks = 0.0,
        public float $unsteady = 0.0,
    ) {
    }

    public static function of(int $seed): self
    {
        $chance = new Chance($seed);

        return new self(
            lifts: max(0.45, 0.85 + 0.28 * $chance->bell()),
            holds: max(0.35, 0.75 + 0.4 * $chance->bell()),
            warmth: max(0.3, 1.3 + 0.5 * $chance->bell()),
            drinks: 0.3 + 0.3 * $chance->bell(),
            unsteady: 0.06,
        );
    }

    /** The same head on a day on which nothing chances. */
    public function steady(): self
    {
        return new self($this->lifts, $this->holds, $this->warmth, $this->drinks);
    }
}
