<?php

declare(strict_types=1);

namespace Ops\Mutate;

/** What the tests said of a changed class. */
enum Verdict: string
{
    case Noticed = 'noticed';
    case Endless = 'ran for ever';
    case Unnoticed = 'not noticed';
    case Uncovered = 'run by no test';

    public function counts(): bool
    {
        return $this === self::Noticed || $this === self::Endless;
    }
}
