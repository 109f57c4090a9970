<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Shelf\Shelf;
use Core\Timing\BowlClock;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Units\Grams;

/** Reads what really happened to a bowl: its batches, pour by pour, and the times by the clock on the wall. */
final class ReadBatches
{
    private const MOST_BATCHES = 20;

    private const MOST_POURS = 100;

    /** @return list<PouredBatch> */
    public static function from(JsonNode $node, Shelf $shelf): array
    {
        return array_map(
            static fn (JsonNode $each): PouredBatch => self::batch($each, $shelf),
            $node->records(self::MOST_BATCHES),
        );
    }

    private static function batch(JsonNode $node, Shelf $shelf): PouredBatch
    {
        foreach (
            ['said' => 200, 'mark' => 60, 'by' => 60, 'strength' => 40, 'discarded' => 300] as $member => $longest
        ) {
            $node->at($member)->text($longest);
        }
        $node->at('foils')->wholeNumber(1, 400, Fact::of('nouns.number-foils'));
        self::second($node->at('at'));
        $poured = [];
        foreach ($node->at('pours')->records(self::MOST_POURS) as $pour) {
            self::second($pour->at('at'));
            $pour->at('by')->text(60);
            $id = $pour->at('product')->text();
            $product = $shelf->product($id);
            if ($product === null) {
                $pour->at('product')->problem(Fact::of('documents.product-not-document'));
            }
            $grams = $pour->at('grams')->through($shelf->readingFor($product)->read(...));
            if ($product !== null && $grams instanceof Grams) {
                $poured[$id] = isset($poured[$id]) ? $poured[$id]->plus($grams) : $grams;
            }
        }
        if ($poured === []) {
            $node->at('pours')->problem(Fact::of('documents.nothing-was-poured-batch'));
        }
        $left = $node->at('left')->isGiven() ? $node->at('left')->through($shelf->readingFor(null)->read(...)) : null;
        if ($left instanceof Grams && $left->isMoreThan(Grams::sum($poured))) {
            $node->at('left')->problem(Fact::of('documents.left-more-than-was-mixed', left: $left->text()));
        }

        return new PouredBatch($poured, $left instanceof Grams ? $left : null, $node->at('discarded')->isGiven());
    }

    /**
     * First touch, last touch, looks, rinse, each as the wall's clock showed it.
     *
     * @return list<Stamp> in the order they were made
     */
    public static function times(JsonNode $node): array
    {
        $node->record();
        $stamps = [];
        foreach (
            [
                [StampKind::Began, 'began'],
                [StampKind::Completed, 'completed'],
                [StampKind::Rinsed, 'rinsed'],
            ] as [$kind, $member]
        ) {
            $second = self::second($node->at($member));
            if ($second !== null) {
                $stamps[] = new Stamp($kind, $second);
            }
        }
        foreach ($node->at('checked')->items(60) as $look) {
            $second = self::second($look);
            if ($second !== null) {
                $stamps[] = new Stamp(StampKind::Checked, $second);
            }
        }
        // By their stages, so that a time that runs back is seen as one; looks lie between first touch and rinse.
        $stage = static fn (Stamp $stamp): int => match ($stamp->kind) {
            StampKind::Began => 0,
            StampKind::Rinsed => 2,
            default => 1,
        };
        usort($stamps, static fn (Stamp $a, Stamp $b): int => [$stage($a), $a->second] <=> [$stage($b), $b->second]);

        return $stamps;
    }

    /** @param  callable(): BowlClock  $run */
    public static function clock(JsonNode $node, callable $run): ?BowlClock
    {
        try {
            return $run();
        } catch (CoreException $refusal) {
            $node->problem($refusal->fact());

            return null;
        }
    }

    /** Seconds of the day: 10:31, 10:31:20. */
    private static function second(JsonNode $node): ?int
    {
        $text = $node->text(8);
        if ($text === '') {
            return null;
        }
        if (preg_match('/^([01]?\d|2[0-3]):([0-5]\d)(?::([0-5]\d))?$/', $text, $m) !== 1) {
            $node->problem(Fact::of('documents.no-time-day'));

            return null;
        }

        return (int) $m[1] * 3600 + (int) $m[2] * 60 + (int) ($m[3] ?? 0);
    }
}
