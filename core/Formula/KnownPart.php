<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Bounds;

/** What is known of one part of a bowl. */
final readonly class KnownPart
{
    /**
     * @param  list<KnownLine>  $lines
     * @param  ?Bounds  $timesColour  how many times the colour it is; null for the colour itself
     */
    public function __construct(
        public string $name,
        public Mass $mass,
        public array $lines,
        public ?Bounds $timesColour,
    ) {
    }
}
