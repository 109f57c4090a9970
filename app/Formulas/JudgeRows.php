<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\ForetoldRow;
use App\Models\Salon;

/**
 * How far off the outlook has been, over the latest closed visits of a salon: by the table, with the house, with the
 * client.
 */
final class JudgeRows
{
    public const BY = ['table', 'house', 'client'];

    /** Of a long record the latest: how the outlook is now. */
    private const MOST = 5_000;

    /** @return array<string, array{count: int, levels: float, seen: ?float}> mean miss in levels and in CIEDE2000 */
    public function of(Salon $salon): array
    {
        $found = [];
        foreach (self::BY as $by) {
            $latest = ForetoldRow::query()
                ->toBase()
                ->where('salon_id', $salon->id)
                ->where('by', $by)
                ->orderByDesc('seen_at')
                ->orderByDesc('id')
                ->limit(self::MOST);
            $row = (array) ForetoldRow::query()->toBase()->fromSub($latest, 'latest')
                ->selectRaw(
                    'COUNT(*) AS many, AVG(levels_hundredths) AS levels, AVG(seen_hundredths) AS seen',
                )->first();
            $found[$by] = [
                'count' => (int) ($row['many'] ?? 0),
                'levels' => round((float) ($row['levels'] ?? 0) / 100, 2),
                'seen' => is_numeric($row['seen'] ?? null) ? round((float) $row['seen'] / 100, 1) : null,
            ];
        }

        return $found;
    }
}
