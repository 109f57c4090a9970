<?php

declare(strict_types=1);

namespace Core\Record;

/** What is done beside the colour. */
enum CareKind: string
{
    case Wash = 'wash';
    case Treatment = 'treatment';
    case Mask = 'mask';
    case Mist = 'mist';
    case Cut = 'cut';
    case Dry = 'dry';
    case Other = 'other';
}
