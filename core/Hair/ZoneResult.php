<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Units\Fraction;

/** What a zone came to in a closed visit, as it was seen. */
final readonly class ZoneResult
{
    /**
     * @param  ?bool  $covered  grey covered; null where there was none or nobody looked
     * @param  ?bool  $even
     * @param  string  $strand  kind of its strands, by its key; empty for those that carry its wish
     */
    public function __construct(
        public string $zone,
        public ?Fraction $level,
        public Tones $tone,
        public ?bool $even = null,
        public ?bool $covered = null,
        public ?Elasticity $elasticity = null,
        public string $words = '',
        public string $strand = '',
    ) {
    }

    /** Of the zone as it is told: of the strands that carry its wish. */
    public function isOfZone(string $zone): bool
    {
        return $this->zone === $zone && $this->strand === '';
    }
}
