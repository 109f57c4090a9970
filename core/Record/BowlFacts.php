<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Formula\BowlSheet;
use Core\Units\Grams;

/** A bowl as one side of a comparison: what was poured, else its plan, and what came of it. */
final readonly class BowlFacts
{
    /**
     * @param  BowlSheet  $sheet  as it was poured; before that, as it is planned
     * @param  ?BowlSheet  $planned  where that was another
     * @param  ?Grams  $used  mixed less weighed back; null before it is mixed
     * @param  ?int  $minutes  it really processed; null before it is rinsed
     * @param  string  $outcome  in words; empty before the visit is closed
     */
    public function __construct(
        public BowlSheet $sheet,
        public ?Grams $used = null,
        public ?int $minutes = null,
        public string $outcome = '',
        public ?BowlSheet $planned = null,
    ) {
    }
}
