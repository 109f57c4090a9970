<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Hair\Canvas;
use Core\Hair\ZoneResult;
use Core\Record\CareStep;

/**
 * What a document says of the visit around its bowls: the head, what is wished, how it came out, what is to change next
 * time.
 */
final readonly class DocumentVisit
{
    /**
     * @param  string  $change  wishes for next time, as said; one a line
     * @param  bool  $training  a practice head: nothing is learnt from it, and nobody's skin is tested
     * @param  array<string, int>  $rounds  the round of each bowl, from 0, by letter
     * @param  array<int, list<ZoneResult>>  $reached  what was seen after a round, by round
     * @param  list<CareStep>  $care  steps without colour
     * @param  int  $hands  people at work
     * @param  list<array{bowls: list<string>, why: string}>  $apart  bowls that must not touch
     */
    public function __construct(
        public Canvas $canvas = new Canvas,
        public string $change = '',
        public bool $training = false,
        public array $rounds = [],
        public array $apart = [],
        public array $reached = [],
        public array $care = [],
        public int $hands = 1,
    ) {
    }
}
