<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Fact;
use Core\Formula\BowlSheet;

/** One thing that must differ when a bowl is repeated: what, from what to what, and why. */
final readonly class Difference
{
    /**
     * @param  string  $key  amount, regrowth, substitute, strength, derived, beside, batches, line
     * @param  ?BowlSheet  $from  the bowl without this difference; given where it is applied
     * @param  ?BowlSheet  $to  and with it
     * @param  bool  $applied  carried out already, so that the bowl stands as it can be made today; where it is not and
     *     there is a bowl with it, it is offered
     */
    public function __construct(
        public string $bowl,
        public string $key,
        public Fact $words,
        public Fact|string $before,
        public Fact|string $after,
        public Fact $reason,
        public bool $applied,
        public ?BowlSheet $from = null,
        public ?BowlSheet $to = null,
    ) {
    }
}
