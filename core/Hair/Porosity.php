<?php

declare(strict_types=1);

namespace Core\Hair;

enum Porosity: string
{
    case Low = 'low';
    case Normal = 'normal';
    case High = 'high';
}
