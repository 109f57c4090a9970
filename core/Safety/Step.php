<?php

declare(strict_types=1);

namespace Core\Safety;

/** What somebody is about to do with a bowl; the gate is asked before each. */
enum Step: string
{
    /** Weigh it, a second batch and what goes in beside the plan too. */
    case Weigh = 'weigh';
    /** Its first touch on the hair. */
    case Begin = 'begin';
    /** Close the visit it belongs to. */
    case Close = 'close';
}
