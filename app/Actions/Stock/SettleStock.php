<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Formulas\PackRows;
use App\Formulas\StockRows;
use App\Models\Batch;
use App\Models\StockMove;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Formula\Extra;
use Core\Stock\MovementKind;
use Core\Weighing\Batch as WeighedBatch;

/**
 * Brings the ledger to what a batch holds now: what was poured since goes out, what was taken back comes in again. Of
 * left-overs and of what nobody can name, nothing stands on the shelf.
 */
final readonly class SettleStock
{
    public function __construct(private StockRows $stock, private PackRows $packs)
    {
    }

    public function __invoke(Batch $batch, WeighedBatch $weighed, TeamMember $member, CarbonImmutable $now): void
    {
        $poured = [];
        foreach ($weighed->poured as $key => $grams) {
            $product = Extra::productOf((string) $key);
            if (preg_match('/^(shade|developer)-\d+$/', $product) === 1) {
                $poured[$product] = ($poured[$product] ?? 0) + $grams->centigrams;
            }
        }
        $written = StockMove::query()->toBase()->where('batch_id', $batch->id)->groupBy('product')
            ->selectRaw('product, SUM(grams_cg) AS sum_cg')->pluck('sum_cg', 'product')->all();
        $products = array_unique([...array_keys($poured), ...array_keys($written)]);
        // Always in the same order: two who move the same products wait for each other, and never both.
        sort($products);
        foreach ($products as $product) {
            $movement = -($poured[$product] ?? 0) - (int) ($written[$product] ?? 0);
            if ($movement !== 0) {
                [$pack, $cents] = $this->packs->of((string) $product);
                StockMove::query()->create([
                    'salon_id' => $member->salon_id,
                    'product' => $product,
                    'kind' => $movement < 0 ? MovementKind::Poured : MovementKind::Undone,
                    'grams_cg' => $movement,
                    'batch_id' => $batch->id,
                    'team_member_id' => $member->id,
                    'pack_cg' => $pack,
                    'pack_cents' => $cents,
                    'moved_at' => $now,
                ]);
            }
        }
        $this->stock->forget();
    }
}
