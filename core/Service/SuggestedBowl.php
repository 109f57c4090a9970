<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Record\Change;

/** Something the canvas asks for that no bowl does yet: a whole new bowl, a change to one that is there, or
 * both. */
final readonly class SuggestedBowl
{
    /**
     * @param  string  $key  kind and zone
     * @param  list<Fact>  $why
     * @param  ?array<string, mixed>  $bowl  in the shape ReadBowl reads, without a letter and a job; null for a change
     * @param  ?Fact  $job  what a new bowl is for
     * @param  bool  $first  goes into the first round, before the colour; else into the last
     * @param  ?Change  $change  of a bowl that is there; null where none changes
     * @param  ?BowlSheet  $like  a new bowl made from one that is there, where `bowl` is null
     */
    public function __construct(
        public string $key,
        public Fact $words,
        public array $why,
        public ?array $bowl,
        public ?Fact $job = null,
        public bool $first = false,
        public ?Change $change = null,
        public ?BowlSheet $like = null,
    ) {
    }
}
