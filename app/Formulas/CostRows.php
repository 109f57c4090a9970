<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Salon;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCare;
use Core\Formula\Extra;
use Core\Record\CareStep;
use Core\Stock\CostSheet;
use Core\Stock\Lot;
use Core\Units\Grams;
use Core\Units\Price;
use Core\Weighing\BatchStatus;
use Generator;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/**
 * What was poured within some days, by the ledger, with what its packs cost then. Practice heads count: they use it up
 * too.
 */
final readonly class CostRows
{
    public const BY = ['month', 'line', 'product', 'client', 'visit', 'bowl', 'person'];

    private const AT_ONCE = 500;

    /** Movements that are summed at once: a year of ten busy chairs, in about ten seconds. */
    private const MOST = 200_000;

    public function __construct(private DatabaseManager $database, private int $most = self::MOST)
    {
    }

    /** Whether what was moved in these days can be summed while somebody waits for it. */
    public function isWithin(Salon $salon, CarbonImmutable $from, CarbonImmutable $to): bool
    {
        $moves = $this->database->table('stock_moves')
            ->where('salon_id', $salon->id)->whereBetween('moved_at', [$from, $to])
            ->select('moved_at')->limit($this->most + 1);

        return $this->database->query()->fromSub($moves, 'm')->count() <= $this->most;
    }

    /**
     * @return array{sheet: CostSheet, names: array<string, string>, addOns: array<string, int>} what each group is
     *     called, and cents of its add-ons
     */
    public function of(Salon $salon, string $by, CarbonImmutable $from, CarbonImmutable $to): array
    {
        $names = [];
        $sheet = CostSheet::of($this->lots($salon, $by, $from, $to, $names));

        return ['sheet' => $sheet, 'names' => $names, 'addOns' => $this->addOns($salon, $by, $from, $to, $names)];
    }

    /**
     * One by one, so that a month of a large salon takes no more memory than a day of a small one.
     *
     * @param  array<string, string>  $names  filled as the lots are taken
     * @return Generator<int, Lot>
     *
     * @param-out array<string, string> $names
     */
    private function lots(
        Salon $salon,
        string $by,
        CarbonImmutable $from,
        CarbonImmutable $to,
        array &$names,
    ): Generator {
        $products = $this->products($salon);
        $months = new MonthHere($salon->timezone);
        $some = [];
        foreach ($this->moves($salon, $by, $from, $to)->cursor() as $found) {
            $some[] = array_map(
                static fn (mixed $value): ?string => is_scalar($value) ? (string) $value : null,
                (array) $found,
            );
            if (count($some) === self::AT_ONCE) {
                yield from $this->lotsOf($some, $by, $months, $products, $names);
                $some = [];
            }
        }
        yield from $this->lotsOf($some, $by, $months, $products, $names);
    }

    /**
     * @param  list<array<string, ?string>>  $rows
     * @param  array<string, string>  $products
     * @param  array<string, string>  $names
     * @return list<Lot>
     *
     * @param-out array<string, string> $names
     */
    private function lotsOf(
        array $rows,
        string $by,
        MonthHere $months,
        array $products,
        array &$names,
    ): array {
        $planned = $this->planned(array_values(array_unique(array_column($rows, 'batch'))));
        $lots = [];
        foreach ($rows as $row) {
            if ((int) $row['poured'] <= 0) {
                continue;
            }
            [$group, $name] = self::group(
                $by,
                [...$row, 'product_name' => $products[(string) $row['product']] ?? null],
                $months,
            );
            $names[$group] = $name;
            [$meant, $most] = $planned[(string) $row['batch']][(string) $row['product']] ?? [null, null];
            $status = BatchStatus::from((string) $row['status']);
            $thrown = $status === BatchStatus::Discarded;
            // Of what is still being weighed nothing is left over yet.
            [$mixed, $used] = $status->isOpen()
                ? [(int) $row['poured'], (int) $row['poured']]
                : [(int) $row['mixed_cg'], $thrown ? 0 : (int) $row['used_cg']];
            $lots[] = new Lot(
                group: $group,
                poured: Grams::ofCentigrams((int) $row['poured']),
                pack: $row['pack_cg'] === null ? null : Grams::ofCentigrams((int) $row['pack_cg']),
                price: $row['pack_cents'] === null ? null : Price::ofCents((int) $row['pack_cents']),
                mixed: Grams::ofCentigrams($mixed),
                used: Grams::ofCentigrams($used),
                thrown: $thrown,
                planned: $meant,
                most: $most,
            );
        }

        return $lots;
    }

    /** What went into each batch, and as much of where that was as is asked for. */
    private function moves(Salon $salon, string $by, CarbonImmutable $from, CarbonImmutable $to): Builder
    {
        $moves = $this->database->table('stock_moves')
            ->where('salon_id', $salon->id)->whereNotNull('batch_id')->whereBetween('moved_at', [$from, $to])
            ->groupBy('batch_id', 'product', 'pack_cg', 'pack_cents')
            ->selectRaw(
                'batch_id, product, pack_cg, pack_cents, SUM(-grams_cg) AS poured, MIN(moved_at) AS moved_at, MIN(team_member_id) AS person',
            );
        $rows = $this->database->query()->fromSub($moves, 'm')->join('batches AS b', 'b.id', '=', 'm.batch_id')
            ->select(
                [
                    'm.product',
                    'm.poured',
                    'm.pack_cg',
                    'm.pack_cents',
                    'm.moved_at',
                    'm.person',
                    'b.id AS batch',
                    'b.mixed_cg',
                    'b.used_cg',
                    'b.status',
                ],
            )
            ->orderBy('m.moved_at')->orderBy('m.product');
        if ($by === 'person') {
            $rows->join('team_members AS t', 't.id', '=', 'm.person')->addSelect('t.name AS person_name');
        }
        if (in_array($by, ['line', 'client', 'visit', 'bowl'], true)) {
            $rows->join('bowls AS w', 'w.id', '=', 'b.bowl_id')->addSelect('w.id AS bowl', 'w.letter', 'w.job');
        }
        if ($by === 'line') {
            $rows->join(
                'colour_lines AS l',
                'l.id',
                '=',
                'w.colour_line_id',
            )->addSelect('l.id AS line', 'l.name AS line_name');
        }
        if (in_array($by, ['client', 'visit', 'bowl'], true)) {
            $rows->join('rounds AS r', 'r.id', '=', 'w.round_id')
                ->join('visits AS v', 'v.id', '=', 'r.visit_id')
                ->join('clients AS c', 'c.id', '=', 'v.client_id')
                ->addSelect('v.id AS visit', 'v.service', 'v.starts_at', 'c.id AS client', 'c.name AS client_name');
        }

        return $rows;
    }

    /** @return array<string, string> what each product of the salon is called, by its id */
    private function products(Salon $salon): array
    {
        $names = [];
        foreach (
            $this->database->table('shades AS s')
                ->join('colour_lines AS l', 'l.id', '=', 's.colour_line_id')
                ->where('l.salon_id', $salon->id)
                ->get(['s.id', 's.code', 'l.name']) as $shade
        ) {
            $names["shade-{$shade->id}"] = "{$shade->name} {$shade->code}";
        }
        foreach (
            $this->database->table('developers')->where('salon_id', $salon->id)->get(['id', 'name']) as $developer
        ) {
            $names["developer-{$developer->id}"] = (string) $developer->name;
        }

        return $names;
    }

    /**
     * @param  list<mixed>  $batches
     * @return array<string, array<string, array{Grams, Grams}>> what each was to hold, by product, and the most that a
     *     hand may miss to
     */
    private function planned(array $batches): array
    {
        $found = [];
        if ($batches !== []) {
            foreach ($this->database->table('batches')->whereIn('id', $batches)->get(['id', 'plan']) as $row) {
                $plan = (array) json_decode((string) $row->plan, true);
                $tolerance = BatchRows::tolerance($plan);
                foreach ((array) ($plan['lines'] ?? []) as $line) {
                    $product = Extra::productOf((string) ($line['key'] ?? ''));
                    // What was poured by eye had no target to go beyond.
                    if (($line['open'] ?? false) === false) {
                        $band = $tolerance->band(Grams::ofCentigrams((int) ($line['target_cg'] ?? 0)));
                        [$target, $most] = $found[$row->id][$product] ?? [Grams::zero(), Grams::zero()];
                        $found[$row->id][$product] = [$target->plus($band->target), $most->plus($band->high)];
                    }
                }
            }
        }

        return $found;
    }

    /**
     * Treatments and masks that were done, at what was charged for them: of a visit, so of a month, a client, a visit
     * and who did it.
     *
     * @param  array<string, string>  $names
     * @return array<string, int> cents by group
     */
    private function addOns(Salon $salon, string $by, CarbonImmutable $from, CarbonImmutable $to, array &$names): array
    {
        $found = [];
        if (! in_array($by, ['month', 'client', 'visit', 'person'], true)) {
            return $found;
        }
        $visits = $this->database->table('visits AS v')
            ->join('clients AS c', 'c.id', '=', 'v.client_id')
            ->join('team_members AS t', 't.id', '=', 'v.colourist_id')
            ->where('v.salon_id', $salon->id)->whereBetween('v.starts_at', [$from, $to])->whereNotNull('v.care')
            ->selectRaw(
                'v.id AS visit, v.service, v.starts_at, v.starts_at AS moved_at, v.care, c.id AS client, c.name AS client_name, t.id AS person, t.name AS person_name',
            )->get();
        $months = new MonthHere($salon->timezone);
        foreach ($visits as $visit) {
            $cents = array_sum(array_map(
                static fn (CareStep $step): int => $step->done ? $step->cents ?? 0 : 0,
                ReadCare::from(json_decode((string) $visit->care, true)),
            ));
            if ($cents > 0) {
                $row = array_map(
                    static fn (mixed $value): ?string => is_scalar($value) ? (string) $value : null,
                    (array) $visit,
                );
                [$group, $name] = self::group(
                    $by,
                    [...$row, 'job' => '', 'letter' => ''],
                    $months,
                );
                $names[$group] ??= $name;
                $found[$group] = ($found[$group] ?? 0) + $cents;
            }
        }

        return $found;
    }

    /**
     * @param  array<string, ?string>  $row
     * @return array{string, string} key and name
     */
    private static function group(string $by, array $row, MonthHere $months): array
    {
        $on = isset($row['starts_at']) && in_array($by, ['visit', 'bowl'], true)
            ? CarbonImmutable::parse($row['starts_at'], 'UTC')->setTimezone($months->zone)->translatedFormat('j M Y')
            : '';
        $job = (string) ($row['job'] ?? '') === '' ? '' : " ({$row['job']})";

        return match ($by) {
            'line' => ["line-{$row['line']}", (string) $row['line_name']],
            'product' => [(string) $row['product'], (string) ($row['product_name'] ?? $row['product'])],
            'client' => ["client-{$row['client']}", (string) $row['client_name']],
            'visit' => ["visit-{$row['visit']}", "{$row['client_name']}, {$row['service']}, {$on}"],
            'bowl' => [
                "bowl-{$row['bowl']}",
                "{$row['client_name']}, bowl ".trim((string) $row['letter'])."{$job}, {$on}",
            ],
            'person' => ["person-{$row['person']}", (string) $row['person_name']],
            default => $months->of((string) $row['moved_at']),
        };
    }
}
