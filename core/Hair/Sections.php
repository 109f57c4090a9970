<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Practice\Number;
use Core\Units\Fraction;

/** How wide the sections are that colours lie in side by side: one level shows in wide ones, three show in slivers. */
enum Sections: string
{
    case Wide = 'wide';
    case Usual = 'usual';
    case Narrow = 'narrow';

    private const WIDE = '/\b(wide|wider|broad|thick|big|chunky|panels?|blocks?)\b/iu';

    private const NARROW = '/\b(narrow|narrower|fine|thin|baby|micro|slivers?)\b/iu';

    /** By what somebody wrote of their width, else by the technique. */
    public static function of(Stroke $stroke): self
    {
        return match (true) {
            preg_match(self::WIDE, $stroke->width) === 1 => self::Wide,
            preg_match(self::NARROW, $stroke->width) === 1 => self::Narrow,
            in_array($stroke->method, [Method::ChunkyFoils, Method::Blocks], true) => self::Wide,
            $stroke->method === Method::FineFoils => self::Narrow,
            default => self::Usual,
        };
    }

    /** Levels between two colours in them that are enough to be seen. */
    public function seenFrom(): Fraction
    {
        return match ($this) {
            self::Wide => Number::ContrastWide->value(),
            self::Usual => Number::ContrastSeen->value(),
            self::Narrow => Number::ContrastNarrow->value(),
        };
    }
}
