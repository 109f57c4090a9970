<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Practice\Number;
use Core\Units\Grams;

/** A mixing bowl of the house, as people know it: by its colour or mark, and by its weight when empty. */
final readonly class Vessel
{
    /** @param  string  $mark  the yellow one; empty for one that nobody has named */
    public function __construct(public string $mark, public Grams $weight)
    {
    }

    public function weighs(Grams $seen): bool
    {
        return $this->apart($seen) <= Number::SameBowl->centigrams();
    }

    /** Centigrams between its weight and what was seen. */
    public function apart(Grams $seen): int
    {
        return abs($this->weight->centigrams - $seen->centigrams);
    }

    /** @param  list<self>  $known */
    public static function nearest(array $known, Grams $seen): ?self
    {
        usort($known, static fn (self $one, self $other): int => [$one->apart($seen), $one->mark === '', $one->mark]
            <=> [$other->apart($seen), $other->mark === '', $other->mark]);

        return $known[0] ?? null;
    }
}
