<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\ForetoldRow;
use App\Models\Salon;

/** How far off the outlook has been, over all closed visits of a salon: by the table, with the house, with the client. */
final class JudgeRows
{
    public const BY = ['table', 'house', 'client'];

    /** @return array<string, array{count: int, levels: float, seen: ?float}> mean miss in levels and in CIEDE2000 */
    public function of(Salon $salon): array
    {
        $found = [];
        foreach (self::BY as $by) {
            $rows = ForetoldRow::query()->where('salon_id', $salon->id)->where('by', $by);
            $seen = (clone $rows)->avg('seen_hundredths');
            $found[$by] = [
                'count' => (clone $rows)->count(),
                'levels' => round((float) (clone $rows)->avg('levels_hundredths') / 100, 2),
                'seen' => is_numeric($seen) ? round((float) $seen / 100, 1) : null,
            ];
        }

        return $found;
    }
}
