<?php

declare(strict_types=1);

namespace Core\Judgement;

enum Porosity: string
{
    case Low = 'low';
    case Normal = 'normal';
    case High = 'high';
}
