<?php

declare(strict_types=1);

namespace Core\Hair;

/** What has been done to a stretch of hair. */
enum HairHistory: string
{
    case Natural = 'natural';
    case Coloured = 'coloured';
    case Lightened = 'lightened';
    case DirectDye = 'direct-dye';
    /** Home colour or a plant dye of unknown make: may hold metallic salts. */
    case Unknown = 'unknown';

    /** Artificial pigment lies in it, which a tint does not lift. */
    public function holdsTint(): bool
    {
        return in_array($this, [self::Coloured, self::DirectDye, self::Unknown], true);
    }
}
