<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** What a product brings of colour. A booster has a tone and no level, clear has neither. */
final readonly class Pigment
{
    /** What part of a gram of it is colour, 0 to 1. */
    public Fraction $bulk;

    /**
     * @param  ?Fraction  $level  1 to 12; null for clear and boosters
     * @param  Fraction  $intensity  1 for an ordinary shade, 2 for a doubled one, 0 for clear
     * @param  ?Fraction  $bulk  what part of a gram of it is colour: all of a shade, less of what was left of a bowl
     */
    public function __construct(
        public ?Fraction $level,
        public ToneMix $tone,
        public Fraction $intensity,
        public bool $doubleNatural = false,
        ?Fraction $bulk = null,
    ) {
        $this->bulk = $bulk ?? Fraction::one();
    }

    public static function read(ShadeReading $reading): self
    {
        return new self(Fraction::of($reading->level), $reading->tone, $reading->intensity, $reading->doubleNatural);
    }

    /** The same with so much of its strength. */
    public function thinned(Fraction $by): self
    {
        return new self($this->level, $this->tone, $this->intensity->times($by), $this->doubleNatural, $this->bulk);
    }

    public static function clear(): self
    {
        return new self(null, ToneMix::none(), Fraction::zero());
    }

    public static function booster(ToneMix $tone): self
    {
        return new self(null, $tone, Fraction::of(2));
    }
}
