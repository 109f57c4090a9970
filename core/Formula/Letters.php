<?php

declare(strict_types=1);

namespace Core\Formula;

/** The letters by which the bowls of a visit are called. */
final class Letters
{
    /**
     * The first that no other bowl has.
     *
     * @param  list<string>  $taken
     */
    public static function free(array $taken): string
    {
        $letter = 'A';
        while (in_array($letter, $taken, true)) {
            $letter++;
        }

        return $letter;
    }
}
