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
        foreach ([...range('A', 'Z'), 'AA', 'AB', 'AC'] as $letter) {
            if (! in_array((string) $letter, $taken, true)) {
                return (string) $letter;
            }
        }

        return 'ZZ';
    }
}
