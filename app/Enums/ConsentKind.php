<?php

declare(strict_types=1);

namespace App\Enums;

/** What a client is asked to agree to. */
enum ConsentKind: string
{
    /** That photographs are taken and kept. */
    case Photographs = 'photographs';
    /** That notes about health are kept beside the stops themselves. */
    case Health = 'health';
    /** That they are written to. */
    case Messages = 'messages';
}
