<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Formula\Leftover;
use Core\Hair\Confidence;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Judgement\JudgeBowl;
use Core\Judgement\MixJudgement;
use Core\Practice\HouseRules;
use Core\Record\BowlFacts;
use Core\Record\CompareBowls;
use Core\Record\DeriveBowl;
use Core\Service\PlacedBowl;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Timing\BowlClock;
use Core\Timing\Stamp;
use Core\Units\Grams;

/**
 * Works the bowls of a document one after the other; what stands earlier may be used, changed and named by what stands
 * later.
 */
final class WorkBowls
{
    /** @var array<string, BowlSheet> so far, by letter */
    private array $sheets = [];

    /** @var array<string, KnownBowl> what each came to, by letter: as it was poured where that is told */
    private array $known = [];

    /** @var array<string, Product> what is left of the bowls so far, by product id */
    private array $leftovers = [];

    /** @var array<string, list<Stamp>> the wall's clock, seconds of the day, by letter */
    private array $stamps = [];

    /** @param  bool  $training  of a practice head, whose skin nobody tests */
    public function __construct(
        private readonly Shelf $shelf,
        private readonly HouseRules $rules,
        private readonly int $version,
        private readonly bool $training = false,
    ) {
    }

    /** @return array<string, mixed> what it comes to; empty where it cannot be read, which is reported */
    public function bowl(JsonNode $node): array
    {
        try {
            $json = $this->json($node);
            $shelf = $this->shelf->withMixtures(...$this->leftoversIn($json, $node));
            $sheet = ReadBowl::from($json, $shelf, $node->pointer(), letters: 4);
            $known = $sheet->known($this->rules->step);
            if (isset($this->sheets[$sheet->letter])) {
                $node->at('letter')->problem(Fact::of('documents.bowl-already', letter: $sheet->letter));
            }
            $judged = JudgeBowl::of($known, $this->rules);
            $happened = $this->version < 2 ? [] : $this->happened($node, $sheet, $shelf);
        } catch (UnreadableDocument $refusal) {
            $inBottle = $node->at('bottle')->isGiven();
            foreach ($refusal->problems() as $problem) {
                $node->report($inBottle ? ReadBottle::said($problem, $node->pointer()) : $problem);
            }

            return [];
        } catch (CoreException $refusal) {
            $node->problem($refusal->fact());

            return [];
        }
        $poured = $happened['sheet'] ?? $sheet;
        $this->keep($poured, $poured === $sheet ? $known : $poured->known($this->rules->step));
        $line = $this->shelf->line($sheet->line);

        return [
            ...WriteKnown::numbers($sheet, $known, $judged),
            ...WriteKnown::around($sheet, $known, $judged),
            ...($happened['told'] ?? []),
            ...$this->lineage($node, $sheet),
            'warnings' => WriteKnown::cautions([
                ...$this->cautions($sheet, $known, $line),
                ...($happened['cautions'] ?? []),
            ]),
        ];
    }

    /** @return list<Caution> */
    private function cautions(BowlSheet $sheet, KnownBowl $known, ?Line $line): array
    {
        $found = $line === null ? [] : Cautions::ofBowl($sheet, $known, $line);

        return $this->training ? array_values(array_filter(
            $found,
            static fn (Caution $each): bool => $each->key !== 'skin-test',
        )) : $found;
    }

    /** @return array<string, KnownBowl> by letter */
    public function known(): array
    {
        return $this->known;
    }

    /** @return array<string, list<Stamp>> the wall's clock, seconds of the day, by letter */
    public function stamps(): array
    {
        return $this->stamps;
    }

    /** @return list<BowlSheet> */
    public function sheets(): array
    {
        return array_values($this->sheets);
    }

    /**
     * @param  array<string, int>  $rounds  by letter; where none is said all are one
     * @return list<PlacedBowl>
     */
    public function placed(array $rounds): array
    {
        $placed = [];
        foreach ($this->sheets as $letter => $sheet) {
            $line = $this->shelf->line($sheet->line);
            if ($line !== null) {
                $placed[] = PlacedBowl::of($rounds[$letter] ?? 0, $sheet, $line, $this->known[$letter], $this->rules);
            }
        }
        usort($placed, static fn (PlacedBowl $one, PlacedBowl $other): int => $one->round <=> $other->round);

        return PlacedBowl::sharing($placed);
    }

    private function json(JsonNode $node): mixed
    {
        if ($node->at('bottle')->isGiven()) {
            return ReadBottle::fill($node, $this->leftovers);
        }

        return $this->version < 2 ? $node->value() : ReadLineage::fill(
            $node,
            $this->sheets,
            $this->shelf->withMixtures(...array_values($this->leftovers)),
            $this->rules,
        );
    }

    /**
     * What was poured, and the times on the wall.
     *
     * @return array{sheet?: BowlSheet, told: array<string, mixed>, cautions: list<Caution>}
     */
    private function happened(JsonNode $node, BowlSheet $sheet, Shelf $shelf): array
    {
        ReadStrokes::choice(
            $node->at('confidence'),
            Confidence::class,
            Fact::of('documents.not-clear-how-surely-known'),
        );
        ReadTrial::check($node->at('trial'));
        $line = $shelf->line($sheet->line);
        $strength = Cautions::strength($sheet->known($this->rules->step));
        $clock = $line === null
            ? null
            : $this->clock($node->at('times'), $sheet, $line->windowAt($strength), $line->kind);
        $told = $clock === null ? [] : ['times' => [
            'state' => $clock->state->value,
            'applied' => $clock->applied,
            'processed' => $clock->processed,
            'longest' => $clock->longest,
        ]];
        $cautions = $clock === null ? [] : Cautions::ofTime($clock->processed, $line, $strength, $clock->longest);
        $batches = ReadBatches::from($node->at('batches'), $shelf);
        $together = PouredBatch::together($batches);
        if ($together === []) {
            return ['told' => $told, 'cautions' => $cautions];
        }
        $derived = DeriveBowl::from($sheet, $together, $shelf);
        $known = $derived->known($this->rules->step);

        return [
            'sheet' => $derived,
            'told' => [
                ...$told,
                'poured' => [
                    ...WriteKnown::numbers($derived, $known, JudgeBowl::of($known, $this->rules)),
                    ...$this->used($batches),
                ],
            ],
            'cautions' => $cautions,
        ];
    }

    /**
     * @param  list<PouredBatch>  $batches
     * @return array<string, mixed>
     */
    private function used(array $batches): array
    {
        $stand = array_values(array_filter($batches, static fn (PouredBatch $batch): bool => ! $batch->discarded));

        return [
            'used' => Grams::sum(array_map(
                static fn (PouredBatch $batch): Grams => $batch->used(),
                $stand,
            ))->show($this->rules->step),
            'batches' => array_map(fn (PouredBatch $batch): array => [
                'total' => $batch->total()->show($this->rules->step),
                'used' => $batch->discarded ? null : $batch->used()->show($this->rules->step),
            ], $batches),
        ];
    }

    /** @param  array{min: int, target: int, max: int}  $window */
    private function clock(JsonNode $node, BowlSheet $sheet, array $window, LineKind $kind): ?BowlClock
    {
        $stamps = ReadBatches::times($node);
        if ($stamps === []) {
            return null;
        }
        $this->stamps[$sheet->letter] = $stamps;
        $now = max(array_map(static fn (Stamp $stamp): int => $stamp->second, $stamps));

        return ReadBatches::clock($node, fn (): BowlClock => BowlClock::of(
            stamps: $stamps,
            minutes: $sheet->minutes ?? $window['target'],
            most: $sheet->details->minutesMost ?? $window['max'],
            start: $sheet->details->clock ?? $this->rules->clockStart,
            now: $now,
            firstStrandCounts: $kind === LineKind::Lightener,
        ));
    }

    /** @return array<string, mixed> what differs from the bowl it comes from, where that is in the document */
    private function lineage(JsonNode $node, BowlSheet $sheet): array
    {
        $source = $this->version < 2 ? null : ($this->sheets[$node->at('from')->at('bowl')->letter()] ?? null);

        return $source === null || $source === $sheet ? [] : ['differs' => CompareBowls::said(
            new BowlFacts($source),
            new BowlFacts($sheet),
            $this->shelf->withMixtures(...array_values($this->leftovers)),
            $this->rules,
        )];
    }

    /**
     * What a bowl takes of an earlier one is there no more for a later one; what is left of it is there from now on.
     */
    private function keep(BowlSheet $sheet, KnownBowl $known): void
    {
        foreach ($known->lines() as $line) {
            $left = $this->leftovers[$line->product()] ?? null;
            $taken = $line->mass->grams();
            if ($left !== null && $taken !== null) {
                $this->leftovers[$left->id] = $left->holding($left->holds?->lessAtMost($taken));
            }
        }
        $left = Leftover::of($sheet->letter, $sheet, $known, $this->judged($known)?->asPigment());
        $this->leftovers[$left->id] = $left;
        $this->sheets[$sheet->letter] = $sheet;
        $this->known[$sheet->letter] = $known;
    }

    private function judged(KnownBowl $known): ?MixJudgement
    {
        return JudgeBowl::of($known, $this->rules);
    }

    /**
     * @param  mixed  $json  of one bowl
     * @return list<Product> what is left of earlier bowls, where this one names it
     */
    private function leftoversIn(mixed $json, JsonNode $node): array
    {
        $found = [];
        $bowl = new JsonNode($json, $node->pointer(), new ProblemList);
        foreach ($bowl->at('parts')->items(4) as $part) {
            foreach ($part->at('ingredients')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
                $id = $entry->at('product')->value();
                if (is_string($id) && isset($this->leftovers[$id])) {
                    $found[] = $this->leftovers[$id];
                }
            }
        }

        return $found;
    }
}
