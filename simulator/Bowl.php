<?php

declare(strict_types=1);

namespace Simulator;

/** A bowl as hair meets it: plain numbers, nothing worked by the product. */
final readonly class Bowl
{
    /**
     * @param  string  $kind  lightener, permanent, demi or direct
     * @param  float  $volume  of the developer
     * @param  float  $minutes  on the hair
     * @param  ?float  $level  of its colour; null without colour, or where it has none
     * @param  array<string, float>  $tones  by family; need not add up to 1
     * @param  float  $pigment  0 to 1: what is not clear
     * @param  bool  $foil  kept warm in a foil
     */
    public function __construct(
        public string $kind,
        public float $volume,
        public float $minutes,
        public ?float $level = null,
        public array $tones = [],
        public float $pigment = 1.0,
        public bool $foil = false,
    ) {
    }
}
