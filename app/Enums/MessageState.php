<?php

declare(strict_types=1);

namespace App\Enums;

/** Where a message stands. */
enum MessageState: string
{
    case Open = 'open';
    /** Handed to the mail server; whether it took it is not known yet. */
    case Sending = 'sending';
    case Sent = 'sent';
    case Left = 'left';
}
