<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Shelf\LineKind;
use Core\Units\Fraction;

/**
 * What hair really did in a closed visit, beside what was expected of it before anything was learnt: under the same
 * strength, minutes, span, water and air, so that no condition is counted twice.
 */
final readonly class Observed
{
    /**
     * @param  string  $line  id of the colour line
     * @param  ?Fraction  $said  levels of lift by the table; null where nothing was to lift
     * @param  ?Fraction  $lifted  levels it really lifted
     * @param  ?Fraction  $deeper  levels that colour came out deeper than expected, lighter below zero; null where none
     *     was laid
     * @param  string  $alike  what hair it was, as `Zone::alike` says
     * @param  ?Fraction  $redder  the same, across the warmth
     * @param  ?Fraction  $warmer  than was expected, in CIELAB units; null where nobody named the tone
     */
    public function __construct(
        public LineKind $kind,
        public string $line,
        public ?Fraction $said = null,
        public ?Fraction $lifted = null,
        public ?Fraction $deeper = null,
        public ?Fraction $warmer = null,
        public ?Fraction $redder = null,
        public string $alike = '',
    ) {
    }

    /** How much of what was expected it lifted: 1 as the table says; null where it says nothing of lift. */
    public function lift(): ?Fraction
    {
        return $this->said === null || $this->lifted === null || $this->said->isZero()
            ? null
            : $this->lifted->dividedBy($this->said);
    }
}
