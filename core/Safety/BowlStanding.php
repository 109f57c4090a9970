<?php

declare(strict_types=1);

namespace Core\Safety;

/** How far a bowl is, by what is on record. */
final readonly class BowlStanding
{
    /**
     * @param  bool  $weighed  at least one batch of it is finished
     * @param  bool  $begun  its first touch is marked
     * @param  bool  $setAside  marked as not used
     */
    public function __construct(public bool $weighed = false, public bool $begun = false, public bool $setAside = false)
    {
    }
}
