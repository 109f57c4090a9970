<?php

declare(strict_types=1);

namespace Core\Record;

/** What kind of change a colourist asks for. */
enum ChangeKind: string
{
    /** Another developer strength. */
    case Strength = 'strength';
    /** One product instead of another. */
    case Swap = 'swap';
    /** More or less of the whole bowl, by its colour. */
    case Amount = 'amount';
    /** More or less of the whole bowl, by all of it. */
    case Total = 'total';
    /** So many grams more or less, and not said whether of the colour or of all of it. */
    case Grams = 'grams';
    /** More or less of one product. */
    case Product = 'product';
    case TakeOut = 'take-out';
    case PutIn = 'put-in';
    case Minutes = 'minutes';
    case Ratio = 'ratio';
    /** Lighter or deeper by levels. */
    case Level = 'level';
    case Warmer = 'warmer';
    case Cooler = 'cooler';
    /** More natural for more grey. */
    case Grey = 'grey';
    /** Thinned with the line's clear. */
    case Dilute = 'dilute';
    /** Where along the strand it goes: the roots, the lengths, or the lengths first. */
    case Place = 'place';
    /** Taken through the lengths before the rinse, or not. */
    case Through = 'through';
    /** One bowl more of a formula that is there. */
    case AddBowl = 'add-bowl';
    case RemoveBowl = 'remove-bowl';
    /** Only words: nothing the tool can do by itself. */
    case Words = 'words';
}
