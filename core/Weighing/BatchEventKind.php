<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Fact;

/** Everything that can happen to a batch. Events are only ever added. */
enum BatchEventKind: string
{
    /** The empty bowl was weighed: what the scale shows beyond it is in the bowl. */
    case Tared = 'tared';
    case Poured = 'poured';
    /** Something that was not planned goes in too, by eye: it is named before it is poured. */
    case Added = 'added';
    /** Over target: everything else is raised so that the proportion holds. */
    case KeptProportion = 'kept-proportion';
    /** Over target: what is still to come is solved anew. */
    case Steered = 'steered';
    /** Over target: taken as it is. */
    case AcceptedOver = 'accepted-over';
    /** Under target: taken as it is (the tube was empty, say). */
    case AcceptedShort = 'accepted-short';
    case Discarded = 'discarded';
    /** Left as if it had not been begun; until its first gram. */
    case Withdrawn = 'withdrawn';
    /** The scale shows something else than the bowl should hold; weighing carries on from what it shows. */
    case CarriedOn = 'carried-on';
    /** What is still to come goes into another bowl, which was weighed empty. */
    case Moved = 'moved';
    /** The latest event that is still standing is taken back. */
    case Undone = 'undone';
    case Finished = 'finished';
    /** Leftover mixture, weighed at the end of the service. */
    case WeighedBack = 'weighed-back';

    /** What it was, for the hand that would take it back. */
    public function named(): Fact
    {
        return match ($this) {
            self::Tared => Fact::of('bench.tared'),
            self::Poured => Fact::of('bench.poured'),
            self::Added => Fact::of('bench.added'),
            self::KeptProportion => Fact::of('bench.kept-proportion'),
            self::Steered => Fact::of('bench.steered'),
            self::AcceptedOver => Fact::of('bench.accepted-over'),
            self::AcceptedShort => Fact::of('bench.accepted-short'),
            self::Discarded => Fact::of('bench.discarded'),
            self::Withdrawn => Fact::of('bench.withdrawn'),
            self::CarriedOn => Fact::of('bench.carried-on'),
            self::Moved => Fact::of('bench.moved'),
            self::Undone => Fact::of('bench.undone'),
            self::Finished => Fact::of('bench.finished'),
            self::WeighedBack => Fact::of('bench.weighed-back'),
        };
    }
}
