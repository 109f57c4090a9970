<?php

declare(strict_types=1);

namespace App\Enums;

/** What the owner lets become of a kind of message. */
enum MessageMode: string
{
    case Off = 'off';
    /** Somebody looks at it and sends it. */
    case Offer = 'offer';
    /** It goes out by itself, to whoever agreed to messages and has a mail address. */
    case Send = 'send';
}
