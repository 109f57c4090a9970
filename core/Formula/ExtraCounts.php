<?php

declare(strict_types=1);

namespace Core\Formula;

/** Whether what is added to a finished bowl counts in its ratio. */
enum ExtraCounts: string
{
    /** 72 : 90. */
    case Inside = 'inside';
    /** 60 : 90 + 12. */
    case OnTop = 'on-top';
    /** Nobody has said: both are shown, and it is asked. */
    case NotSaid = '';
}
