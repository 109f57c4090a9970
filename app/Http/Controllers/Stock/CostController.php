<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Csv\Table;
use App\Exceptions\CostsRefused;
use App\Formulas\CostRows;
use App\Http\Controllers\Controller;
use App\Models\Salon;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Stock\CostSheet;
use Core\Units\Grams;
use Core\Units\Price;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** What was poured cost, and what of it was wasted: by month, line, product, client, visit, bowl or person. */
final class CostController extends Controller
{
    public function __construct(private readonly CostRows $costs)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        [$by, $from, $to] = $this->asked($request, $salon);
        ['sheet' => $sheet, 'names' => $names, 'addOns' => $addOns] = $this->costs->of($salon, $by, $from, $to);
        $rows = [];
        foreach (self::withAddOns($sheet, $addOns) as $key => $row) {
            $rows[] = [
                'key' => (string) $key,
                'name' => $names[$key] ?? (string) $key,
                ...self::shown($row),
                'addOns' => self::price($addOns[$key] ?? 0),
            ];
        }
        if ($by !== 'month') {
            usort($rows, static fn (array $one, array $other): int => $other['cents'] <=> $one['cents']);
        }

        return new JsonResponse([
            'by' => $by,
            'from' => $from->setTimezone($salon->timezone)->toDateString(),
            'to' => $to->setTimezone($salon->timezone)->toDateString(),
            'rows' => $rows,
            'total' => [...self::shown($sheet->total()), 'addOns' => self::price(array_sum($addOns))],
        ]);
    }

    public function table(Request $request): Response
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        [$by, $from, $to] = $this->asked($request, $salon);
        ['sheet' => $sheet, 'names' => $names, 'addOns' => $addOns] = $this->costs->of($salon, $by, $from, $to);
        $rows = [
            [
                $by,
                'poured',
                'cost',
                'not used',
                'cost of what was not used',
                'of it thrown away',
                'cost of what was thrown away',
                'poured beyond the plan',
                'cost of that',
                'without a price',
                'add-ons done',
            ],
        ];
        foreach (self::withAddOns($sheet, $addOns) as $key => $row) {
            $rows[] = [
                $names[$key] ?? (string) $key,
                $row['poured']->text(),
                $row['cost']->show(),
                $row['wasted']->text(),
                $row['wastedCost']->show(),
                $row['thrown']->text(),
                $row['thrownCost']->show(),
                $row['over']->text(),
                $row['overCost']->show(),
                $row['unpriced']->text(),
                Price::ofCents($addOns[$key] ?? 0)->show(),
            ];
        }

        return new Response(Table::write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8; header=present',
            'Content-Disposition' => "attachment; filename=\"cost-by-{$by}.csv\"",
        ]);
    }

    /** @return array{string, CarbonImmutable, CarbonImmutable} by what, and the first and the last moment in UTC */
    private function asked(Request $request, Salon $salon): array
    {
        $said = $request->validate([
            'by' => ['sometimes', Rule::in(CostRows::BY)],
            'from' => ['sometimes', 'date_format:Y-m-d'],
            'to' => ['sometimes', 'date_format:Y-m-d', 'after_or_equal:from'],
        ], [
            'to.after_or_equal' => Say::plain('The last day comes before the first.'),
            'from.date_format' => Say::plain('Write a day as 2026-11-27.'),
            'to.date_format' => Say::plain('Write a day as 2026-11-27.'),
        ]);
        $text = static fn (string $name): ?string => is_string($said[$name] ?? null) ? $said[$name] : null;
        $today = CarbonImmutable::now($salon->timezone);
        $to = $text('to') === null
            ? $today->endOfDay()
            : CarbonImmutable::parse($text('to'), $salon->timezone)->endOfDay();
        $from = $text('from') === null
            ? $this->since($salon, $to)
            : CarbonImmutable::parse($text('from'), $salon->timezone)->startOfDay();
        if (! $this->costs->isWithin($salon, $from->utc(), $to->utc())) {
            throw CostsRefused::tooMuch($this->since($salon, $to)->toDateString());
        }

        return [$text('by') ?? 'month', $from->utc(), $to->utc()];
    }

    /** Half a year, or of a larger salon as much of it as can be summed while somebody waits. */
    private function since(Salon $salon, CarbonImmutable $to): CarbonImmutable
    {
        $month = $to->startOfMonth();
        $months = array_map(static fn (int $back): CarbonImmutable => $month->subMonths($back), range(5, 0));
        foreach ([...$months, $to->startOfWeek()] as $from) {
            if ($this->costs->isWithin($salon, $from->utc(), $to->utc())) {
                return $from;
            }
        }

        return $to->startOfDay();
    }

    /**
     * Also where nothing was poured: somebody came for a treatment alone.
     *
     * @param  array<string, int>  $addOns
     * @return array<string, array{poured: Grams, wasted: Grams, cost: Price, wastedCost: Price, unpriced: Grams,
     *     thrown: Grams, thrownCost: Price, over: Grams, overCost: Price}>
     */
    private static function withAddOns(CostSheet $sheet, array $addOns): array
    {
        return $sheet->rows() + array_fill_keys(array_keys($addOns), CostSheet::of([])->total());
    }

    private static function price(int $cents): ?string
    {
        return $cents === 0 ? null : Price::ofCents($cents)->show();
    }

    /**
     * @param  array{poured: Grams, wasted: Grams, cost: Price, wastedCost: Price, unpriced: Grams, thrown: Grams, thrownCost: Price, over: Grams, overCost: Price}  $row
     * @return array<string, mixed>
     */
    private static function shown(array $row): array
    {
        return [
            'poured' => $row['poured']->text(),
            'wasted' => $row['wasted']->text(),
            'cost' => $row['cost']->show(),
            'wastedCost' => $row['wastedCost']->show(),
            'thrown' => $row['thrown']->isZero()
                ? null
                : ['grams' => $row['thrown']->text(), 'cost' => $row['thrownCost']->show()],
            'over' => $row['over']->isZero()
                ? null
                : ['grams' => $row['over']->text(), 'cost' => $row['overCost']->show()],
            'unpriced' => $row['unpriced']->isZero() ? null : $row['unpriced']->text(),
            // For drawing and for the order of rows only.
            'cents' => $row['cost']->cents,
            'drawn' => [
                'used' => ($row['cost']->cents - $row['wastedCost']->cents) / 100,
                'wasted' => $row['wastedCost']->cents / 100,
            ],
        ];
    }
}
