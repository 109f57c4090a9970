<?php

declare(strict_types=1);

namespace Core\Practice;

/** A root shadow that stays under a toner, or a first coat under a second: whose time counts. */
enum ShadowTime: string
{
    /** It has its own full time by the common rinse. */
    case Full = 'full';
    /** Only what lies on it is timed; it simply stays. */
    case Toner = 'toner';
}
