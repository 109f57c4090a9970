<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Shelf\LineKind;
use Core\Units\Fraction;

/**
 * What hair really did in a closed visit, beside what was expected of it before anything was learnt: under the same strength,
 * minutes, span, water and air, so that no condition is counted twice.
 */
final readonly class Observed
{
    /**
     * @param  string  $line  id of the colour line
     * @param  ?Fraction  $said  levels of lift by the table; null where nothing was to lift
     * @param  ?Fraction  $lifted  levels it really lifted
     * @param  ?Fraction  $laid  levels that colour was expected to deepen it; null where none was laid, or hardly any
     * @param  ?Fraction  $deepened  levels it really did
     * @param  ?Fraction  $warmer  than was expected, in CIELAB units; null where nobody named the tone
     */
    public function __construct(
        public LineKind $kind,
        public string $line,
        public ?Fraction $said = null,
        public ?Fraction $lifted = null,
        public ?Fraction $laid = null,
        public ?Fraction $deepened = null,
        public ?Fraction $warmer = null,
    ) {
    }

    /** How much of what was expected it lifted: 1 as the table says; null where it says nothing of lift. */
    public function lift(): ?Fraction
    {
        return $this->said === null || $this->lifted === null || $this->said->isZero() ? null : $this->lifted->dividedBy($this->said);
    }

    /** How much of the expected colour held: 1 as expected. */
    public function hold(): ?Fraction
    {
        return $this->laid === null || $this->deepened === null || $this->laid->isZero() ? null : $this->deepened->dividedBy($this->laid);
    }
}
