<?php

declare(strict_types=1);

namespace Core\Timing;

/** A moment in a bowl's life on the hair. Stamps are only ever added. */
enum StampKind: string
{
    /** First touch. */
    case Began = 'began';
    /** Last touch. */
    case Completed = 'completed';
    /** Somebody looked: a foil opened, a strand wiped. */
    case Checked = 'checked';
    /** Taken through the lengths. */
    case Through = 'through';
    case HeatOn = 'heat-on';
    case HeatOff = 'heat-off';
    case Emulsified = 'emulsified';
    /** More minutes were given to it. */
    case More = 'more';
    case Rinsed = 'rinsed';
    /** Mixed and not used: it never went on. */
    case SetAside = 'set-aside';
    /** The latest stamp that still stands is taken back. */
    case Undone = 'undone';
}
