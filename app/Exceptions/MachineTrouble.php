<?php

declare(strict_types=1);

namespace App\Exceptions;

use Core\Fact;
use Illuminate\Database\QueryException;
use PDOException;
use Throwable;

/** Where the machine itself cannot go on, and what mends it: no room left, or the database on its way back. */
final class MachineTrouble
{
    /** The disk, a table or a temporary file is full. */
    private const NO_ROOM = [1021, 1114, 1026, 3, 28];

    /**
     * Nobody answers, went away, has too many to answer, is a node that has lost the others or waits for them; or a
     * race was lost again and again.
     */
    private const NOBODY = [2002, 2006, 2013, 1040, 1053, 1047, 1927, 1180, 1205, 1213];

    /** @return ?array{int, Fact} status and what is said; null where it is something else */
    public static function of(Throwable $failure): ?array
    {
        $code = $failure instanceof QueryException || $failure instanceof PDOException
            ? $failure->errorInfo[1] ?? $failure->getPrevious()?->getCode()
            : null;

        return match (true) {
            in_array($code, self::NO_ROOM, true) => [507, Fact::of('refusals.machine.no-room')],
            in_array($code, self::NOBODY, true) => [503, Fact::of('refusals.machine.coming-back')],
            default => null,
        };
    }
}
