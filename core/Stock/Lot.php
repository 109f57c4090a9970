<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Price;

/** Grams of one product that went into one batch, with what its pack cost then, and what became of the batch. */
final readonly class Lot
{
    /**
     * @param  string  $group  what its cost is told under: a month, a client, a line, a person
     * @param  ?Grams  $pack  what a pack held then; null where nobody knew
     * @param  ?Price  $price  of that pack
     * @param  Grams  $mixed  of the whole batch
     * @param  Grams  $used  of it: the rest was left over, or all of it thrown away
     * @param  bool  $thrown  the whole batch was thrown away
     * @param  ?Grams  $planned  of this product; null where it was not planned, and went in beside
     * @param  ?Grams  $most  a hand may pour of it within the tolerance of that day
     */
    public function __construct(
        public string $group,
        public Grams $poured,
        public ?Grams $pack,
        public ?Price $price,
        public Grams $mixed,
        public Grams $used,
        public bool $thrown = false,
        public ?Grams $planned = null,
        public ?Grams $most = null,
    ) {
    }

    /**
     * What went in beyond the plan, where it is more than a hand may miss; of what was never planned, nothing is
     * beyond.
     */
    public function over(): Grams
    {
        return $this->planned === null || ! $this->poured->isMoreThan($this->most ?? $this->planned)
            ? Grams::zero()
            : $this->poured->lessAtMost($this->planned);
    }

    /** Cents of a centigram; null where it has no price. */
    public function perCentigram(): ?Fraction
    {
        return $this->price === null || $this->pack === null || $this->pack->isZero()
            ? null
            : Fraction::of($this->price->cents, $this->pack->centigrams);
    }
}
