<?php

declare(strict_types=1);

namespace Core\Shelf;

enum NotationKind: string
{
    /** 6N, 7CG, 9PA. */
    case Letters = 'letters';
    /** 7.3, 6/43, 55/46, 8-46. */
    case Digits = 'digits';
}
