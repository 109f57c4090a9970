<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Words\Say;
use Core\Codec\Problem;

/** One thing wrong in what was written: where, what, and what mends it. */
final class ProblemResource
{
    /**
     * @param  list<Problem>  $problems
     * @return list<array{pointer: string, message: string, mend: string}>
     */
    public static function all(array $problems): array
    {
        return array_map(static fn (Problem $problem): array => [
            'pointer' => $problem->pointer,
            'message' => Say::words($problem->fact),
            'mend' => Say::mend($problem->fact),
        ], $problems);
    }
}
