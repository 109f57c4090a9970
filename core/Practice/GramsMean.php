<?php

declare(strict_types=1);

namespace Core\Practice;

/** “Five grams less” of a bowl, without a word: of what? Houses differ, so it is asked once and remembered. */
enum GramsMean: string
{
    case Ask = 'ask';
    case Colour = 'colour';
    case Mixture = 'mixture';
}
