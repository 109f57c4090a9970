<?php

declare(strict_types=1);

namespace App\Enums;

/** What has become of a change. */
enum ProposalState: string
{
    case Open = 'open';
    case Applied = 'applied';
    case Dismissed = 'dismissed';
    case Said = 'said';
}
