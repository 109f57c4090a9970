<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Bowl;
use App\Models\Developer;
use App\Models\Round;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\CoreException;
use Core\Stock\StockLevel;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;

/** The shelf against the plans of a week: what each product comes to, what is low, what runs out, what to order. */
final readonly class StockOutlook
{
    public const DAYS = 7;

    public function __construct(private StockRows $stock, private SalonShelf $shelves, private BowlRows $rows)
    {
    }

    /**
     * @return list<array{id: string, line: string, code: string, name: string, swatch: string, pack: ?Grams, mark: ?Grams, level: StockLevel, planned: Grams, order: ?array{packs: ?int, grams: Grams}}>
     */
    public function of(Salon $salon): array
    {
        $planned = $this->planned($salon);
        $found = [];
        $add = function (
            string $id,
            string $line,
            Shade|Developer $row,
            string $code,
            string $swatch,
        ) use (&$found, $salon, $planned): void {
            $level = $this->stock->level($salon, $id);
            $wants = $planned[$id] ?? Grams::zero();
            $mark = $row->low_cg;
            $found[] = [
                'id' => $id, 'line' => $line, 'code' => $code, 'name' => $row->name, 'swatch' => $swatch,
                'pack' => $row->pack_cg, 'mark' => $mark, 'level' => $level, 'planned' => $wants,
                'order' => $level->toOrder($wants, $mark, $row->pack_cg),
            ];
        };
        foreach ($salon->colourLines()->where('withdrawn', false)->with('shades')->orderBy('id')->get() as $line) {
            foreach ($line->shades->where('withdrawn', false)->sortBy('id') as $shade) {
                $add($shade->productId(), $line->name, $shade, $shade->code, $shade->swatch);
            }
        }
        foreach ($salon->developers()->where('withdrawn', false)->orderBy('volume_hundredths')->get() as $developer) {
            $add($developer->productId(), '', $developer, $developer->strength()->show(), '#efe7d6');
        }

        return $found;
    }

    /**
     * @return array<string, Grams> what the bowls of the week take that nobody has weighed yet, as far as it is known
     */
    private function planned(Salon $salon): array
    {
        $now = CarbonImmutable::now();
        $visits = Visit::query()
            ->where('salon_id', $salon->id)
            ->whereIn('status', [VisitStatus::Expected, VisitStatus::InChair])
            ->whereBetween(
                'starts_at',
                [$now->subDay(), $now->addDays(self::DAYS)],
            )->whereRelation('client', 'practice_of', null)
            ->with('colourist.salon', 'rounds.bowls.batches')->get();
        $planned = [];
        foreach ($visits as $visit) {
            foreach ($visit->rounds->flatMap(fn (Round $round) => $round->bowls) as $bowl) {
                foreach ($this->takes($bowl, $visit) as $product => $grams) {
                    $planned[$product] = isset($planned[$product]) ? $planned[$product]->plus($grams) : $grams;
                }
            }
        }

        return $planned;
    }

    /** @return array<string, Grams> by product */
    private function takes(Bowl $bowl, Visit $visit): array
    {
        // A bowl that stands on the scale, or was weighed, is in the ledger by what went into it.
        if ($bowl->batches->contains(fn ($batch): bool => $batch->status !== BatchStatus::Discarded)) {
            return [];
        }
        try {
            $known = $this->rows->known($this->rows->sheet($bowl, $this->shelves->forVisit($visit)), $visit->rules());
        } catch (CoreException) {
            return [];
        }
        $takes = [];
        foreach ($known->lines() as $line) {
            $grams = $line->mass->grams();
            if ($grams !== null) {
                $takes[$line->product()] = isset($takes[$line->product()])
                    ? $takes[$line->product()]->plus($grams)
                    : $grams;
            }
        }

        return $takes;
    }
}
