<?php

declare(strict_types=1);

namespace Core\Hair;

/** Where along the strand, from the scalp outwards. */
enum Span: string
{
    /** 0 to 1.5 cm from the scalp. */
    case Root = 'root';
    /** The grown-out part beyond the root, as far as it goes. */
    case Regrowth = 'regrowth';
    case Mids = 'mids';
    case Ends = 'ends';

    /** 0 at the scalp, rising towards the ends. */
    public function order(): int
    {
        return match ($this) {
            self::Root => 0,
            self::Regrowth => 1,
            self::Mids => 2,
            self::Ends => 3,
        };
    }

    /** What part of a whole strand's mixture it takes, in hundredths; together 100 (our own model). */
    public function hundredths(): int
    {
        return match ($this) {
            self::Root, self::Regrowth => 15,
            self::Mids => 40,
            self::Ends => 30,
        };
    }
}
