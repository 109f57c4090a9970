<?php

declare(strict_types=1);

namespace Core\Canvas;

enum Breakage: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';
}
