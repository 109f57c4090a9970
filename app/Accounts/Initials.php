<?php

declare(strict_types=1);

namespace App\Accounts;

/** A person's initials, as a mark on a tablet: first and last name, or the beginning of the only one. */
final class Initials
{
    public static function of(string $name): string
    {
        $words = preg_split('/[\s\-]+/u', trim($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $first = $words[0] ?? '?';
        $last = count($words) > 1 ? $words[count($words) - 1] : '';

        return mb_strtoupper(mb_substr($first, 0, $last === '' ? 2 : 1).mb_substr($last, 0, 1));
    }
}
