<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Timing\ClockState;

/** How far a bowl of a visit has come. */
final readonly class BowlState
{
    /**
     * @param  bool  $weighing  a batch of it stands open on the bench
     * @param  bool  $mixed  a batch of it was finished
     */
    public function __construct(
        public string $id,
        public string $letter,
        public bool $weighing,
        public bool $mixed,
        public ClockState $clock,
    ) {
    }
}
