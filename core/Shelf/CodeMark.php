<?php

declare(strict_types=1);

namespace Core\Shelf;

/** What a mark behind a code says, where letters and digits do not: the + of 5NX+. */
enum CodeMark: string
{
    case Intense = 'intense';
    case Muted = 'muted';
    /** It stands on the pack and says nothing of level or tone. */
    case Nothing = 'nothing';
}
