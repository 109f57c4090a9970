<?php

declare(strict_types=1);

namespace Core\Shelf;

enum NotationKind: string
{
    /** 6N, 6VR, 8PV. */
    case Letters = 'letters';
    /** 7.3, 6/43, 44/65, 7-35. */
    case Digits = 'digits';
}
