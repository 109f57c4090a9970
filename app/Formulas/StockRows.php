<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Salon;
use Core\Stock\StockLevel;
use Core\Units\Grams;
use Illuminate\Database\DatabaseManager;

/** What there is of each product, by the sum the database keeps of the ledger. One a request. */
final class StockRows
{
    /** @var array<int, array<string, StockLevel>> by salon id */
    private array $loaded = [];

    public function __construct(private readonly DatabaseManager $database)
    {
    }

    /** @return array<string, StockLevel> by product id; what has no movement is not among them */
    public function levels(Salon $salon): array
    {
        return $this->loaded[$salon->id] ??= $this->database->table('stock_sums')->where('salon_id', $salon->id)->get()
            ->mapWithKeys(
                fn (object $row): array => [
                    (string) $row->product => StockLevel::of((int) $row->sum_cg, (bool) $row->counted),
                ],
            )->all();
    }

    public function level(Salon $salon, string $product): StockLevel
    {
        return $this->levels($salon)[$product] ?? StockLevel::unknown();
    }

    /** @return array<string, Grams> by product id, of what was counted */
    public function grams(Salon $salon): array
    {
        return array_filter(array_map(static fn (StockLevel $level): ?Grams => $level->grams(), $this->levels($salon)));
    }

    /**
     * Of a few products alone, as they stand now: asked with every pour.
     *
     * @param  list<string>  $products
     * @return array<string, StockLevel> by product id; what has no movement is not among them
     */
    public function some(int $salon, array $products): array
    {
        return $this->database->table('stock_sums')->where('salon_id', $salon)->whereIn('product', $products)->get()
            ->mapWithKeys(
                fn (object $row): array => [
                    (string) $row->product => StockLevel::of((int) $row->sum_cg, (bool) $row->counted),
                ],
            )->all();
    }

    /** To be called when something has moved. */
    public function forget(): void
    {
        $this->loaded = [];
    }
}
