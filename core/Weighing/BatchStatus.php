<?php

declare(strict_types=1);

namespace Core\Weighing;

enum BatchStatus: string
{
    case Weighing = 'weighing';
    /** A pour is over its target and a choice is due. */
    case Over = 'over';
    /** Every line is poured; the batch can be finished. */
    case Complete = 'complete';
    case Finished = 'finished';
    case Discarded = 'discarded';

    public function isOpen(): bool
    {
        return $this !== self::Finished && $this !== self::Discarded;
    }
}
