<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Formulas\BatchRows;
use App\Models\Batch;
use App\Models\Developer;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\StockMove;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Formula\Extra;
use Core\Stock\MovementKind;

/** What the salon paid for its packs, and what stood on its shelf at the last count; some of it was never counted. */
final class Stock
{
    /** Price of a pack by line, in cents. */
    private const PRICES = [
        'Tidewater' => 980,
        'Low Harbour' => 1120,
        'Slack Water' => 1050,
        'Brightwork' => 3200,
        'Quay Care' => 1450,
    ];

    private const LITRE = 890;

    public function load(Salon $salon): void
    {
        $counter = TeamMember::query()->where('salon_id', $salon->id)->where('initials', 'NH')->firstOrFail();
        $counted = CarbonImmutable::now($salon->timezone)->subDays(6)->setTime(18, 10)->utc();
        $this->poured($salon);
        $sums = StockMove::query()
            ->toBase()
            ->where('salon_id', $salon->id)
            ->groupBy('product')
            ->selectRaw('product, SUM(grams_cg) AS sum_cg')
            ->pluck('sum_cg', 'product')
            ->all();
        $rows = [];
        foreach ($salon->colourLines()->with('shades')->orderBy('id')->get() as $line) {
            Shade::query()
                ->where('colour_line_id', $line->id)
                ->update(['price_cents' => self::PRICES[$line->name] ?? null]);
            foreach ($line->shades->sortBy('id')->values() as $at => $shade) {
                // One in nine was never counted; the care line nobody counts.
                if ($line->name !== 'Quay Care' && $at % 9 !== 8) {
                    $packs = [3.4, 2.1, 0.4, 5.0, 1.3, 2.8, 4.2, 0.25, 1.8, 2.5, 0.5][$at % 11];
                    $rows[] = $this->row(
                        $salon,
                        $counter,
                        $shade->productId(),
                        MovementKind::Counted,
                        (int) ($packs * ($shade->pack_cg->centigrams ?? 0)) - (int) ($sums[$shade->productId()] ?? 0),
                        '',
                        $counted,
                        $shade->pack_cg->centigrams ?? null,
                        self::PRICES[$line->name],
                    );
                }
                if ($line->name === 'Tidewater' && in_array($shade->code, ['6N', '7N'], true)) {
                    $rows[] = $this->row(
                        $salon,
                        $counter,
                        $shade->productId(),
                        MovementKind::Delivered,
                        36_000,
                        'a box of six',
                        $counted->addDays(2),
                        6_000,
                        self::PRICES[$line->name],
                    );
                }
            }
        }
        Developer::query()->where('salon_id', $salon->id)->update(['price_cents' => self::LITRE]);
        foreach ($salon->developers as $developer) {
            $rows[] = $this->row(
                $salon,
                $counter,
                $developer->productId(),
                MovementKind::Counted,
                (
                    $developer->volume_hundredths === 3000 ? 31_000 : 240_000
                ) - (int) ($sums[$developer->productId()] ?? 0),
                '',
                $counted,
                100_000,
                self::LITRE,
            );
        }
        StockMove::query()->insert($rows);
    }

    /** What two years of bowls took; a year ago the packs were a tenth cheaper. */
    private function poured(Salon $salon): void
    {
        $batches = resolve(BatchRows::class);
        $packs = [];
        foreach ($salon->colourLines()->with('shades')->get() as $line) {
            foreach ($line->shades as $shade) {
                $packs[$shade->productId()] = [$shade->pack_cg->centigrams ?? null, self::PRICES[$line->name] ?? null];
            }
        }
        foreach ($salon->developers as $developer) {
            $packs[$developer->productId()] = [100_000, self::LITRE];
        }
        $rows = [];
        $yearAgo = CarbonImmutable::now()->subYear();
        foreach (Batch::query()->with('pours')->orderBy('started_at')->get() as $batch) {
            foreach ($batches->weighed($batch)->poured as $key => $grams) {
                $product = Extra::productOf((string) $key);
                [$pack, $cents] = $packs[$product] ?? [null, null];
                if (isset($packs[$product]) && ! $grams->isZero()) {
                    $rows[] = [
                        'salon_id' => $salon->id, 'product' => $product, 'kind' => MovementKind::Poured->value,
                        'grams_cg' => -$grams->centigrams, 'note' => '',
                        'batch_id' => $batch->id, 'team_member_id' => $batch->pours->first()
                            ->team_member_id ?? 0, 'pack_cg' => $pack,
                        'pack_cents' => $cents === null || $batch->started_at->greaterThan($yearAgo)
                            ? $cents
                            : intdiv($cents * 9, 10), 'moved_at' => $batch->started_at->format('Y-m-d H:i:s.v'),
                    ];
                }
            }
        }
        foreach (array_chunk($rows, 500) as $some) {
            StockMove::query()->insert($some);
        }
    }

    /** @return array<string, mixed> */
    private function row(
        Salon $salon,
        TeamMember $by,
        string $product,
        MovementKind $kind,
        int $grams,
        string $note,
        CarbonImmutable $at,
        ?int $pack,
        ?int $cents,
    ): array {
        return [
            'salon_id' => $salon->id, 'product' => $product, 'kind' => $kind->value, 'grams_cg' => $grams,
            'note' => $note,
            'team_member_id' => $by->id, 'pack_cg' => $pack, 'pack_cents' => $cents,
            'moved_at' => $at->format('Y-m-d H:i:s.v'),
        ];
    }
}
