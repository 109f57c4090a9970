<?php

declare(strict_types=1);

namespace App\Enums;

enum VisitStatus: string
{
    case Expected = 'expected';
    case InChair = 'in-chair';
    case Closed = 'closed';
}
