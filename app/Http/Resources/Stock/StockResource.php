<?php

declare(strict_types=1);

namespace App\Http\Resources\Stock;

use App\Formulas\StockOutlook;
use App\Models\Salon;
use Core\Units\Fraction;
use Core\Units\Grams;

/** The shelf by its ledger, row by row, in words and numbers ready to be shown. */
final readonly class StockResource
{
    public function __construct(private StockOutlook $outlook)
    {
    }

    /** @return array<string, mixed> */
    public function of(Salon $salon): array
    {
        $rows = array_map($this->row(...), $this->outlook->of($salon));

        return [
            'days' => StockOutlook::DAYS,
            'rows' => $rows,
            'low' => count(array_filter($rows, static fn (array $row): bool => $row['state'] === 'low')),
            'short' => count(
                array_filter($rows, static fn (array $row): bool => in_array($row['state'], ['short', 'out'], true)),
            ),
            'uncounted' => count(array_filter($rows, static fn (array $row): bool => $row['state'] === 'unknown')),
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function row(array $row): array
    {
        $level = $row['level'];
        $there = $level->grams();

        return [
            'id' => $row['id'],
            'line' => $row['line'],
            'code' => $row['code'],
            'name' => $row['name'],
            'swatch' => $row['swatch'],
            'pack' => $row['pack']?->text(),
            'mark' => $row['mark']?->text(),
            'there' => $there?->text(),
            'packs' => $there === null || $row['pack'] === null || $row['pack']->isZero()
                ? null
                : self::packs($there, $row['pack']),
            'missing' => $level->missing()?->text(),
            'planned' => $row['planned']->isZero() ? null : $row['planned']->text(),
            'state' => match (true) {
                ! $level->isKnown() => 'unknown',
                $level->isShortOf($row['planned']) => 'short',
                $there?->isZero() === true => 'out',
                $level->isLow($row['mark'], $row['pack']) => 'low',
                default => 'enough',
            },
            'order' => $row['order'] === null ? null : [
                'packs' => $row['order']['packs'],
                'grams' => $row['order']['grams']->text(),
            ],
        ];
    }

    /** In packs, to a tenth: “1.4”. */
    private static function packs(Grams $there, Grams $pack): string
    {
        return Fraction::of($there->centigrams, $pack->centigrams)->decimal(1);
    }
}
