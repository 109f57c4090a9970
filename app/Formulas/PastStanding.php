<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Kept\KeptValues;
use App\Kept\Turns;
use App\Models\Bowl;
use App\Models\Visit;
use Closure;

/**
 * What follows from closed visits alone is worked once: kept under what the record says of them, in a few bytes, and
 * under the turn of the shelf, so that whatever changes of one, of its bowls or of a line is seen at the next question.
 */
final readonly class PastStanding
{
    public function __construct(private KeptValues $kept, private Turns $turns)
    {
    }

    /**
     * @template K of array-key
     * @template V
     *
     * @param  string  $what  of which kind it is
     * @param  list<string>  $past  ids of visits
     * @param  Closure(): array<K, V>  $work
     * @return array<K, V> nothing where there are none
     */
    public function of(string $what, int $salon, array $past, Closure $work): array
    {
        if ($past === []) {
            return [];
        }
        $shelf = $this->turns->ofShelf($salon);

        return $shelf === null ? $work() : $this->kept->of("past {$what} {$shelf} {$this->said($past)}", $work);
    }

    /**
     * What was said of these visits, their bowls, what was weighed and marked: another where one word of it is.
     *
     * @param  list<string>  $past
     */
    private function said(array $past): string
    {
        $bowls = Bowl::query()->toBase()->join('rounds', 'rounds.id', '=', 'bowls.round_id')
            ->whereIn('rounds.visit_id', $past);
        $batches = (clone $bowls)->join('batches', 'batches.bowl_id', '=', 'bowls.id');
        $components = (clone $bowls)->join('components', 'components.bowl_id', '=', 'bowls.id');
        $sums = [
            Visit::query()->toBase()->whereIn('id', $past)->selectRaw(self::sum([
                'id', 'version', 'starts_at', 'closed_at', 'status', 'verdict', 'lasting', 'covering', 'bright',
                'grey_shown', 'outcome', '`change`',
            ])),
            (clone $bowls)->selectRaw(self::sum([
                'bowls.id', 'bowls.version', 'rounds.visit_id', 'rounds.position', 'bowls.position', 'bowls.letter',
                'bowls.job', 'bowls.colour_line_id', 'bowls.sheet',
            ])),
            $components->selectRaw(self::sum([
                'components.id', 'part', 'components.position', 'shade_id', 'developer_id', 'blend', 'share',
            ])),
            (clone $bowls)->join('stamps', 'stamps.bowl_id', '=', 'bowls.id')->selectRaw('COUNT(*)'),
            (clone $batches)->selectRaw(self::sum(['batches.id', 'batches.status', 'mixed_cg', 'used_cg'])),
            (clone $batches)->join('pours', 'pours.batch_id', '=', 'batches.id')->selectRaw('COUNT(*)'),
        ];
        $one = Visit::query()->toBase()->fromSub('SELECT 1', 'one');
        foreach ($sums as $at => $sum) {
            $one->selectSub($sum, "part{$at}");
        }

        return implode(' ', [...$past, ...array_values((array) $one->first())]);
    }

    /**
     * How many rows, and a sum that is another where one of these columns is.
     *
     * @param  list<string>  $columns
     */
    private static function sum(array $columns): string
    {
        $row = implode(", '|', ", array_map(static fn (string $each): string => "COALESCE({$each}, '~')", $columns));

        return "CONCAT(COUNT(*), '-', COALESCE(SUM(CRC32(CONCAT({$row}))), 0))";
    }
}
