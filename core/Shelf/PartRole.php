<?php

declare(strict_types=1);

namespace Core\Shelf;

/** What a part of a line's ratio is: the maker's order says which comes second. */
enum PartRole: string
{
    case Colour = 'colour';
    case Developer = 'developer';
    /** Cream, gel, lotion: the third part of a three-part system. */
    case Base = 'base';

    /** The usual order: colour, developer, then what else there is. */
    public const USUAL = [self::Colour, self::Developer, self::Base, self::Base];

    /** Which part of a bowl it fills, colour being part 0, where the developer stands at $developerPart. */
    public function place(int $developerPart): int
    {
        return match ($this) {
            self::Colour => 0,
            self::Developer => $developerPart,
            self::Base => $developerPart === 1 ? 2 : 1,
        };
    }
}
