<?php

declare(strict_types=1);

namespace Core\Hair;

/** What lies over the hair while the bowl works. */
enum Covering: string
{
    case Open = 'open';
    case Foil = 'foil';
    case Film = 'film';
    case Cap = 'cap';
}
