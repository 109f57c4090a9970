<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Advice\PastUse;
use Core\Formula\BowlSheet;
use Core\Units\Fraction;
use Core\Units\Grams;

/** A bowl of a closed visit that is to be repeated. */
final readonly class PastBowl
{
    /**
     * @param  list<PastUse>  $uses  of the same job on this client, oldest first, this one last; empty where none was
     *     mixed
     * @param  array<string, Grams>  $poured  by product id, over all batches; empty where none was mixed
     * @param  int  $batches  how many were mixed
     * @param  ?Fraction  $regrowthThen  centimetres
     * @param  ?Fraction  $regrowthNow
     * @param  string  $split  where it was split, in grams: 150 g, then 100 g at 30 vol
     * @param  bool  $followsPlan  what was poured is the formula that was planned, in whatever amount and but for a
     *     hand's small misses
     * @param  array<string, Grams>  $added  by product id: what of the poured was not planned
     */
    public function __construct(
        public BowlSheet $sheet,
        public array $uses = [],
        public array $poured = [],
        public int $batches = 0,
        public ?Fraction $regrowthThen = null,
        public ?Fraction $regrowthNow = null,
        public array $added = [],
        public bool $followsPlan = true,
        public string $split = '',
    ) {
    }
}
