<?php

declare(strict_types=1);

namespace Core\Formula;

/** What a bowl is for in its visit. */
enum Purpose: string
{
    case Service = 'service';
    /** A small bowl on one strand, before the real one. */
    case Trial = 'trial';
    /** Conditioner on the ends, barrier cream at the hairline. */
    case Protect = 'protect';
}
