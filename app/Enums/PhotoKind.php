<?php

declare(strict_types=1);

namespace App\Enums;

/** What a photograph shows. */
enum PhotoKind: string
{
    case Before = 'before';
    case After = 'after';
    case Target = 'target';
}
