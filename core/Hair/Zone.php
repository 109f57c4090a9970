<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** A stretch of hair as it is, and as it is wished. */
final readonly class Zone
{
    /**
     * @param  Fraction  $level  present level, 1 to 12
     * @param  ?Fraction  $wishLevel  null where only the tone is wished
     * @param  bool  $banded  a strip of another level runs through it (old regrowth lines, overlaps)
     * @param  ?ToneMix  $wishTone  null where no tone is wished
     */
    public function __construct(
        public Fraction $level,
        public HairHistory $history = HairHistory::Natural,
        public Porosity $porosity = Porosity::Normal,
        public ?Span $span = null,
        public bool $damp = false,
        public ?Fraction $wishLevel = null,
        public ?ToneMix $wishTone = null,
        public bool $banded = false,
    ) {
    }
}
