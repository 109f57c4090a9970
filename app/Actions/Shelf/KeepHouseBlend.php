<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\HouseBlendVersion;
use App\Models\Salon;
use Core\Codec\ReadBowl;
use Core\Units\Fraction;
use Illuminate\Database\DatabaseManager;

/**
 * Keeps the colour part of a bowl under a nickname: the next version of it, the earlier ones stay as they were used.
 */
final readonly class KeepHouseBlend
{
    public function __construct(private DatabaseManager $database, private SalonShelf $shelves)
    {
    }

    /** @param  array<string, mixed>  $bowl */
    public function __invoke(Salon $salon, string $name, array $bowl): HouseBlendVersion
    {
        $sheet = ReadBowl::from($bowl, $this->shelves->of($salon), '/bowl');
        $ingredients = [];
        foreach ($sheet->work($salon->rules()->step)->parts[0]->ingredients as $each) {
            $ingredients[] = [
                'product' => $each->product(),
                'share' => $each->grams->exactly()->dividedBy(Fraction::of(100))->decimal(2),
            ];
        }

        return $this->database->transaction(function () use ($salon, $name, $sheet, $ingredients): HouseBlendVersion {
            Salon::query()->lockForUpdate()->findOrFail($salon->id);
            $latest = $salon->houseBlends()->whereRaw(
                'LOWER(name) = ?',
                [mb_strtolower($name)],
            )->orderByDesc('version')->first();
            if ($latest !== null && $latest->ingredients === $ingredients) {
                return $latest;
            }

            return HouseBlendVersion::query()->create([
                'salon_id' => $salon->id,
                'colour_line_id' => BowlRows::rowId($sheet->line),
                'name' => $latest->name ?? $name,
                'version' => ($latest->version ?? 0) + 1,
                'ingredients' => $ingredients,
            ]);
        });
    }
}
