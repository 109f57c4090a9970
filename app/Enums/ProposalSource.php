<?php

declare(strict_types=1);

namespace App\Enums;

/** Where a change comes from. */
enum ProposalSource: string
{
    case Review = 'review';
    case Repeat = 'repeat';
    case Adjust = 'adjust';
}
