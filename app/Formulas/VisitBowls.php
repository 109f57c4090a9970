<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Visit;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Practice\HouseRules;
use Core\Service\PlacedBowl;
use Core\Shelf\Shelf;

/** A visit's bowls as the core places them: in the order of their rounds, patterns shared. */
final readonly class VisitBowls
{
    public function __construct(private SalonShelf $shelves, private BowlRows $rows)
    {
    }

    /**
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  as they are being typed, by
     *     bowl id
     * @param  list<string>  $without  ids of bowls seen as if nobody planned them
     * @return list<PlacedBowl> those that can be read; one that was set aside goes nowhere
     */
    public function placed(Visit $visit, array $drafts = [], array $without = []): array
    {
        $shelf = $this->shelves->forVisit($visit);
        $placed = [];
        foreach ($visit->rounds as $at => $round) {
            $sheets = [];
            foreach ($round->bowls as $bowl) {
                if ($bowl->isSetAside()) {
                    continue;
                }
                $sheets[$bowl->id] = $drafts[$bowl->id]['sheet'] ?? $bowl->sheet;
            }
            foreach ($drafts as $id => $draft) {
                if ($draft['round'] === $round->id) {
                    $sheets[$id] ??= $draft['sheet'];
                }
            }
            foreach (array_diff_key($sheets, array_flip($without)) as $json) {
                $one = $this->one($json, $at, $shelf, $visit->rules());
                if ($one !== null) {
                    $placed[] = $one;
                }
            }
        }

        return PlacedBowl::sharing($placed);
    }

    /** @param  array<string, mixed>  $json */
    private function one(array $json, int $round, Shelf $shelf, HouseRules $rules): ?PlacedBowl
    {
        try {
            $sheet = $this->rows->read($json, $shelf);
        } catch (CoreException) {
            // Half typed, or not on the shelf any more: its own page says so.
            return null;
        }
        $line = $shelf->line($sheet->line);
        if ($line === null) {
            return null;
        }
        try {
            $known = $this->rows->known($sheet, $rules);
        } catch (CoreException) {
            // What contradicts itself lies where it lies.
            $known = null;
        }

        return PlacedBowl::of($round, $sheet, $line, $known, $rules);
    }

    /** Null where the shelf does not know it any more. */
    public function sheet(Bowl $bowl, Visit $visit): ?BowlSheet
    {
        try {
            return $this->rows->sheet($bowl, $this->shelves->forVisit($visit));
        } catch (CoreException) {
            return null;
        }
    }
}
