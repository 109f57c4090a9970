<?php

declare(strict_types=1);

namespace Core\Service;

/** How a kind of strand came to be apart from the others. */
enum StrandKind: string
{
    /** Nothing divides the hair here. */
    case Whole = 'whole';
    /** Taken into foils, or painted. */
    case Taken = 'taken';
    /** One of the strands that a pattern deals out. */
    case Dealt = 'dealt';
    /** What the foils leave, and something lies on it. */
    case Between = 'between';
    /** What the foils leave, and nothing lies on it. */
    case Left = 'left';

    /** In foils, painted or dealt out: what later foils leave of it stays what it was. */
    public function isTaken(): bool
    {
        return $this === self::Taken || $this === self::Dealt;
    }
}
