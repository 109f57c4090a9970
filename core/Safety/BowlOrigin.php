<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Fact;

/** What one bowl was made from, as far as the gate must know it: before anything is followed into other bowls. */
final readonly class BowlOrigin
{
    /**
     * @param  list<PlannedLine>  $lines  oxidative lines that it holds itself, its own and those of what went in beside
     *     the plan
     * @param  list<string>  $leftovers  ids of the bowls of which something is left in this one
     * @param  list<Fact>  $unknown  what cannot be read about it; empty where all of it is known
     */
    public function __construct(
        public string $id,
        public string $letter,
        public array $lines,
        public array $leftovers = [],
        public array $unknown = [],
    ) {
    }
}
