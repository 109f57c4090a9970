<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\ColourLine;
use App\Models\Round;
use App\Models\Visit;
use Core\CoreException;
use Core\Fact;
use Core\Formula\Additive;
use Core\Formula\BowlSheet;
use Core\Formula\Leftover;
use Core\Safety\BowlContents;
use Core\Safety\BowlOrigin;
use Core\Safety\PlannedLine;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Weighing\BatchStatus;

/**
 * What went into the bowls of a visit, planned and poured, for the gate to follow. What cannot be read is said, not
 * left out.
 */
final readonly class BowlOrigins
{
    public function __construct(private SalonShelf $shelves, private BowlRows $rows, private BatchRows $batches)
    {
    }

    /** @return list<BowlContents> of every bowl of the visit */
    public function all(Visit $visit): array
    {
        $origins = $this->origins($visit);

        return array_values(array_map(
            fn (BowlOrigin $each): BowlContents => BowlContents::of($each, array_values($origins)),
            $origins,
        ));
    }

    /** @param  string  $more  id of a product that is about to go in too; empty for none */
    public function of(Bowl $bowl, Visit $visit, string $more = ''): BowlContents
    {
        $origins = $this->origins($visit);
        $own = $origins[$bowl->id] ?? new BowlOrigin(
            $bowl->id,
            trim($bowl->letter),
            [],
            [],
            [Fact::of('safety.not-in-visit', letter: trim($bowl->letter))],
        );
        $contents = BowlContents::of($own, array_values($origins));
        if ($more === '') {
            return $contents;
        }
        $shelf = $this->shelves->forVisit($visit);

        return $contents->with(BowlContents::of(
            $this->origin(trim($bowl->letter), "{$bowl->id} and more", [$more], $shelf),
            array_values($origins),
        ));
    }

    /** @return array<string, BowlOrigin> by bowl id */
    private function origins(Visit $visit): array
    {
        $shelf = $this->shelves->forVisit($visit);
        $origins = [];
        foreach ($visit->rounds->flatMap(fn (Round $round) => $round->bowls) as $bowl) {
            $letter = trim($bowl->letter);
            $unknown = [];
            $products = [];
            try {
                $products = self::planned($this->rows->sheet($bowl, $shelf));
            } catch (CoreException $refusal) {
                $unknown[] = Fact::of('safety.cannot-be-read', letter: $letter, why: $refusal->fact());
            }
            try {
                array_push($products, ...$this->poured($bowl));
            } catch (CoreException $refusal) {
                $unknown[] = Fact::of('safety.poured-cannot-be-read', letter: $letter, why: $refusal->fact());
            }
            $origin = $this->origin($letter, $bowl->id, $products, $shelf);
            $origins[$bowl->id] = new BowlOrigin(
                $bowl->id,
                $letter,
                [...self::own($bowl->colourLine, $shelf), ...$origin->lines],
                $origin->leftovers,
                [...$unknown, ...$origin->unknown],
            );
        }

        return $origins;
    }

    /** @param  list<string>  $products */
    private function origin(string $letter, string $id, array $products, Shelf $shelf): BowlOrigin
    {
        $lines = $leftovers = $unknown = [];
        foreach ($products as $product) {
            if (str_starts_with($product, Leftover::PREFIX)) {
                $leftovers[] = substr($product, strlen(Leftover::PREFIX));

                continue;
            }
            $known = $shelf->product($product);
            $line = $known === null || $known->line === '' ? null : $shelf->line($known->line);
            if ($known === null || ($known->line !== '' && $line === null)) {
                $unknown[] = Fact::of('safety.holds-off-shelf', letter: $letter);
            } elseif ($line !== null && $line->kind->needsSkinTest()) {
                $lines[] = new PlannedLine($line->id, $line->name);
            }
        }

        return new BowlOrigin($id, $letter, $lines, array_values(array_unique($leftovers)), $unknown);
    }

    /** @return list<PlannedLine> */
    private static function own(ColourLine $row, Shelf $shelf): array
    {
        $line = $shelf->line("line-{$row->id}");
        // A kind that nobody knows is taken for oxidative.
        $kind = $line?->kind;

        return $kind === null || $kind->needsSkinTest() ? [new PlannedLine("line-{$row->id}", $row->name)] : [];
    }

    /** @return list<string> product ids */
    private static function planned(BowlSheet $sheet): array
    {
        return [
            ...array_map(static fn (Product $product): string => $product->id, $sheet->products()),
            ...array_map(static fn (Additive $additive): string => $additive->key, $sheet->additives),
        ];
    }

    /** @return list<string> product ids of every batch that was not thrown away */
    private function poured(Bowl $bowl): array
    {
        $found = [];
        foreach ($bowl->batches as $batch) {
            if ($batch->status === BatchStatus::Discarded) {
                continue;
            }
            foreach ($this->batches->weighed($batch)->plan->lines as $line) {
                $found[] = preg_replace('/^extra:/', '', $line->key) ?? $line->key;
            }
        }

        return $found;
    }
}
