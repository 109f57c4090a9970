<?php

declare(strict_types=1);

namespace Core\Practice;

/** Going darker on lightened hair: put the pigment back first, or go deeper and warmer in one step. */
enum Filling: string
{
    case Fill = 'fill';
    case Skip = 'skip';
}
