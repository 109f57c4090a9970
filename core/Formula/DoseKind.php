<?php

declare(strict_types=1);

namespace Core\Formula;

/** How an additive outside the ratio is measured. */
enum DoseKind: string
{
    case PerBowl = 'bowl';
    /** Grams for each gram of the colour part (lightener powder, say). */
    case PerGramOfColour = 'per-gram';
    case PercentOfMixture = 'percent';
}
