<?php

declare(strict_types=1);

namespace Core\Weighing;

/** Everything that can happen to a batch. Events are only ever added. */
enum BatchEventKind: string
{
    /** The empty bowl was weighed and the scale set to zero under it. */
    case Tared = 'tared';
    case Poured = 'poured';
    /** Something that was not planned goes in too, by eye: it is named before it is poured. */
    case Added = 'added';
    /** Over target: everything else is raised so that the proportion holds. */
    case KeptProportion = 'kept-proportion';
    /** Over target: taken as it is. */
    case AcceptedOver = 'accepted-over';
    /** Under target: taken as it is (the tube was empty, say). */
    case AcceptedShort = 'accepted-short';
    case Discarded = 'discarded';
    /** The scale shows something else than the bowl should hold; weighing carries on from what it shows. */
    case CarriedOn = 'carried-on';
    /** The latest event that is still standing is taken back. */
    case Undone = 'undone';
    case Finished = 'finished';
    /** Leftover mixture, weighed at the end of the service. */
    case WeighedBack = 'weighed-back';
}
