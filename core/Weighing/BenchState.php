<?php

declare(strict_types=1);

namespace Core\Weighing;

/** Where the bench stands. */
enum BenchState: string
{
    /** A scale is there, and nobody has said what stands on it. */
    case Asking = 'asking';
    /** Without a scale: grams are typed. */
    case ByHand = 'by-hand';
    /** The bowl is off the scale, or lighter than it should be. */
    case Missing = 'missing';
    case Waiting = 'waiting';
    case Pouring = 'pouring';
    /** Something is over its target. */
    case Choosing = 'choosing';
    case Complete = 'complete';
    /** Everything is in, and the scale shows more: it is said what that is. */
    case MoreIn = 'more-in';
    case Finished = 'finished';
    case WeighedBack = 'weighed-back';
    case Discarded = 'discarded';
    case Withdrawn = 'withdrawn';
}
