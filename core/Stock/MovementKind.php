<?php

declare(strict_types=1);

namespace Core\Stock;

/** Why grams of a product came onto the shelf or left it. */
enum MovementKind: string
{
    /** Into a bowl. */
    case Poured = 'poured';
    /** A pour that was taken back: it never went in. */
    case Undone = 'undone';
    case Delivered = 'delivered';
    /** What somebody found there; what the ledger had missed is the movement. */
    case Counted = 'counted';
    /** Put right by hand, with a reason. */
    case Corrected = 'corrected';
    /** A pack was opened: nothing moves, and its day is known. */
    case Opened = 'opened';
    case Thrown = 'thrown';

    /** What a hand may write; pours write themselves. */
    public function isByHand(): bool
    {
        return ! in_array($this, [self::Poured, self::Undone], true);
    }

    public function wantsReason(): bool
    {
        return in_array($this, [self::Corrected, self::Thrown], true);
    }
}
