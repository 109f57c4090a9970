<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Service\PlacedBowl;

/** A visit's bowls as the core places them: in the order of their rounds, patterns shared. */
final readonly class VisitBowls
{
    public function __construct(
        private SalonShelf $shelves,
        private BowlRows $rows,
        private PouredBowls $poured,
        private ClockRows $clocks,
    ) {
    }

    /**
     * As they are planned.
     *
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  as they are being typed, by
     *     bowl id
     * @return list<PlacedBowl> those that can be read; one that was set aside goes nowhere
     */
    public function placed(Visit $visit, array $drafts = []): array
    {
        return $this->each($visit, $drafts, [], fn (array $json, ?Bowl $bowl, int $round): ?PlacedBowl => $this->place(
            $this->read($json, $visit),
            $round,
            $visit,
        ));
    }

    /**
     * As they are: what was mixed with what went in, what was rinsed as long as it was on, and all else as it is
     * planned.
     *
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  as they are being typed, by
     *     bowl id
     * @param  list<string>  $without  ids of bowls seen as if nobody planned them
     * @return list<PlacedBowl>
     */
    public function asTheyAre(Visit $visit, array $drafts = [], array $without = []): array
    {
        return $this->each($visit, $drafts, $without, function (
            array $json,
            ?Bowl $bowl,
            int $round,
        ) use ($visit): ?PlacedBowl {
            $sheet = $this->read($json, $visit);
            $poured = $bowl === null || $sheet === null ? null : $this->poured->sheet($bowl, $visit, $sheet);

            return $this->place(
                $poured ?? $sheet,
                $round,
                $visit,
                $bowl === null ? null : $this->clocks->clock($bowl, $visit, CarbonImmutable::now())->processed,
            );
        });
    }

    /**
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts
     * @param  list<string>  $without
     * @param  callable(array<string, mixed>, ?Bowl, int): ?PlacedBowl  $placed
     * @return list<PlacedBowl>
     */
    private function each(Visit $visit, array $drafts, array $without, callable $placed): array
    {
        $found = [];
        foreach ($visit->rounds as $at => $round) {
            $here = [];
            foreach ($round->bowls as $bowl) {
                if (! $bowl->isSetAside()) {
                    $here[$bowl->id] = [$drafts[$bowl->id]['sheet'] ?? $bowl->sheet, $bowl];
                }
            }
            foreach ($drafts as $id => $draft) {
                if ($draft['round'] === $round->id) {
                    $here[$id] ??= [$draft['sheet'], null];
                }
            }
            foreach (array_diff_key($here, array_flip($without)) as [$json, $bowl]) {
                $found[] = $placed($json, $bowl, $at);
            }
        }

        return PlacedBowl::sharing(array_values(array_filter($found)));
    }

    /**
     * Those that are being typed and cannot be worked as they stand.
     *
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  by bowl id
     * @return array<string, array{letter: string, saved: bool}> by bowl id; saved where the record's own is looked at instead
     */
    public function unread(Visit $visit, array $drafts): array
    {
        $kept = [];
        foreach ($visit->rounds as $round) {
            foreach ($round->bowls as $bowl) {
                $kept[$bowl->id] = $bowl;
            }
        }
        $unread = [];
        foreach ($drafts as $id => ['sheet' => $sheet]) {
            if ($this->read($sheet, $visit) === null) {
                $typed = $sheet['letter'] ?? null;
                $bowl = $kept[$id] ?? null;
                $unread[$id] = [
                    'letter' => $bowl->letter ?? (is_string($typed) ? $typed : ''),
                    'saved' => $bowl !== null && ! $bowl->isSetAside() && $this->read($bowl->sheet, $visit) !== null,
                ];
            }
        }

        return $unread;
    }

    /** @param  array<string, mixed>  $json */
    private function read(array $json, Visit $visit): ?BowlSheet
    {
        try {
            return $this->rows->read($json, $this->shelves->forVisit($visit));
        } catch (CoreException) {
            // Half typed, or not on the shelf any more: its own page says so.
            return null;
        }
    }

    private function place(?BowlSheet $sheet, int $round, Visit $visit, ?int $processed = null): ?PlacedBowl
    {
        $line = $sheet === null ? null : $this->shelves->forVisit($visit)->line($sheet->line);
        if ($sheet === null || $line === null) {
            return null;
        }
        try {
            $known = $this->rows->known($sheet, $visit->rules());
        } catch (CoreException) {
            // What contradicts itself lies where it lies.
            $known = null;
        }

        return PlacedBowl::of(
            round: $round,
            sheet: $sheet,
            line: $line,
            known: $known,
            rules: $visit->rules(),
            processed: $processed,
        );
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
