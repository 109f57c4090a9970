<?php

declare(strict_types=1);

namespace Core\Practice;

/** How the level of a mix is thought of. */
enum LevelSchool: string
{
    /** The mean of the levels, by weight (common practice, no source). */
    case Linear = 'linear';
    /** The darker shade carries more dye and weighs more (a second school). */
    case DyeWeighted = 'dye-weighted';
}
