<?php

declare(strict_types=1);

namespace Core\Hair;

enum Breakage: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';
}
