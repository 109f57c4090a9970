<?php

declare(strict_types=1);

namespace Core\Hair;

/** How bowls or foils follow each other over a region. */
enum PatternKind: string
{
    /** One strand of each bowl in turn. */
    case Alternate = 'alternate';
    /** So many of the first for so many of the next: 2:1. */
    case Counts = 'counts';
    /** Back-to-back foils in groups, with gaps between the groups. */
    case Groups = 'groups';
    /** Sections around the crown, like a pie. */
    case Pie = 'pie';
    /** Layer by layer, top to bottom. */
    case Layers = 'layers';
    /** The first bowl in the foils, the next on all that is left between them. */
    case Between = 'between';
    /** In words, the first of them this bowl: high, low, high. */
    case Words = 'words';
    /** Rows of one technique or bowl, then of the next. */
    case Rows = 'rows';
    /** Only counted: 10 to 12 foils. */
    case Foils = 'foils';
}
