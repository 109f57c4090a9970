<?php

declare(strict_types=1);

namespace App\Actions\Weighing;

/** What a person says stands on the scale. */
enum Stands: string
{
    case Empty = 'empty';
    /** This bowl, with what is in it. */
    case Same = 'same';
    /** Another bowl, empty, for what is still to come. */
    case Other = 'other';
    /** The bowl with what was left of it, after the service. */
    case Back = 'back';
}
