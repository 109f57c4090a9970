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
    /** Begun by mistake and left before its first gram: as if it had not been. */
    case Withdrawn = 'withdrawn';

    public function isOpen(): bool
    {
        return in_array($this, [self::Weighing, self::Over, self::Complete], true);
    }
}
