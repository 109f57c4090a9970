<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Formula\Purpose;
use Core\Hair\CanvasZone;
use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Hair\PatternKind;
use Core\Hair\Placement;
use Core\Hair\Region;
use Core\Hair\Stroke;
use Core\Practice\Number;
use Core\Units\Fraction;

/**
 * Divides a zone's hair into kinds of strands by what is laid on it: region and span first, then foils, patterns and
 * what is left between them, round by round. Our own model of how weaves and patterns divide the hair; the shares that
 * patterns say are the pattern's own.
 */
final class Strands
{
    /**
     * @param  list<PlacedBowl>  $bowls  of the whole visit, in the order they go on
     * @return non-empty-list<Strand> largest first; their shares add up to 1
     */
    public static function of(CanvasZone $zone, array $bowls): array
    {
        return self::merged(self::apart($zone, $bowls));
    }

    /**
     * Of the whole head, each stroke apart: what each of them lies on.
     *
     * @param  list<PlacedBowl>  $bowls  of the whole visit, in the order they go on
     * @return non-empty-list<Strand> their shares add up to 1
     */
    public static function ofHead(array $bowls): array
    {
        return self::apart(new CanvasZone('', '', Placement::of([], [])), $bowls);
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return non-empty-list<Strand>
     */
    private static function apart(CanvasZone $zone, array $bowls): array
    {
        $strokes = self::strokes($bowls);
        $foiled = [];
        foreach ($strokes as $laid) {
            $foiled[$laid->bowl->round] = ($foiled[$laid->bowl->round] ?? false) || $laid->divides();
        }
        $groups = self::byPlace($zone, $strokes);
        $whole = array_sum(array_map(static fn (array $group): int => $group['weight'], $groups));
        $found = [];
        foreach ($groups as $group) {
            $strands = [new Strand(
                StrandKind::Whole,
                Fraction::of($group['weight'], $whole),
                [],
                $group['cells'],
                count($groups) > 1,
            )];
            foreach (self::byRound($group['strokes']) as $round => $laid) {
                $strands = self::divide($strands, $laid, $group['cells'], $foiled[$round] ?? false);
            }
            $found = [...$found, ...$strands];
        }

        return $found;
    }

    /**
     * Cells that meet the same strokes.
     *
     * @param  list<Laid>  $strokes
     * @return non-empty-list<array{weight: int, cells: list<Cell>, strokes: list<Laid>}>
     */
    private static function byPlace(CanvasZone $zone, array $strokes): array
    {
        $covers = array_map(
            static fn (Laid $laid): array => array_fill_keys(
                array_map(static fn (Cell $cell): string => $cell->key(), Coverage::cells($laid->stroke)),
                true,
            ),
            $strokes,
        );
        $groups = [];
        foreach ($zone->cells() as $cell) {
            $here = array_keys(array_filter($covers, static fn (array $keys): bool => isset($keys[$cell->key()])));
            $key = implode(',', $here);
            $groups[$key] ??= [
                'weight' => 0,
                'cells' => [],
                'strokes' => array_map(static fn (int $at): Laid => $strokes[$at], $here),
            ];
            $groups[$key]['weight'] += $cell->weight();
            $groups[$key]['cells'][] = $cell;
        }

        return array_values($groups) ?: [['weight' => 1, 'cells' => [], 'strokes' => []]];
    }

    /**
     * Each stroke once, with all the bowls that share it.
     *
     * @param  list<PlacedBowl>  $bowls
     * @return list<Laid>
     */
    private static function strokes(array $bowls): array
    {
        $byLetter = $found = [];
        foreach ($bowls as $bowl) {
            $byLetter[$bowl->sheet->letter] = $bowl;
        }
        foreach ($bowls as $bowl) {
            if ($bowl->sheet->details->purpose === Purpose::Trial) {
                continue;
            }
            foreach ($bowl->laid() as $stroke) {
                $partners = array_values(array_filter(array_map(
                    static fn (string $letter): ?PlacedBowl => $byLetter[$letter] ?? null,
                    $stroke->with,
                )));
                $order = $stroke->lastMinutes === null ? $stroke->order ?? 0 : PHP_INT_MAX;
                $found[] = new Laid($bowl, $stroke, $partners, $order);
                // What the next bowl of such a pattern gets is what the foils leave.
                foreach ($stroke->pattern?->kind === PatternKind::Between ? $partners : [] as $partner) {
                    $between = $stroke->seenBy($partner->sheet->letter, $bowl->sheet->letter);
                    $found[] = new Laid($partner, $between ?? $stroke, [], $stroke->order ?? 0);
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<Laid>  $strokes
     * @return array<int, non-empty-list<Laid>> by round
     */
    private static function byRound(array $strokes): array
    {
        $rounds = [];
        foreach ($strokes as $laid) {
            $rounds[$laid->bowl->round][] = $laid;
        }
        ksort($rounds);
        foreach ($rounds as $round => $here) {
            // Those of one order stay as they stand.
            usort($here, static fn (Laid $one, Laid $other): int => $one->order <=> $other->order);
            $rounds[$round] = $here;
        }

        return $rounds;
    }

    /**
     * @param  non-empty-list<Strand>  $strands
     * @param  non-empty-list<Laid>  $round
     * @param  list<Cell>  $cells
     * @param  bool  $foiled  the round has foils somewhere on the head
     * @return non-empty-list<Strand>
     */
    private static function divide(array $strands, array $round, array $cells, bool $foiled): array
    {
        $parts = self::parts($round, $cells);
        $between = array_values(array_filter($round, static fn (Laid $laid): bool => $laid->isBetween()));
        // What goes between foils that nobody has placed yet leaves them their half.
        $leaves = $parts === [] && $between !== [] && ! $foiled;
        $over = array_values(array_filter(
            $round,
            static fn (Laid $laid): bool => ! $laid->divides() && ! (($parts !== [] || $leaves) && $laid->isBetween()),
        ));
        $dividing = array_values(array_filter($round, static fn (Laid $laid): bool => $laid->divides()));
        $first = array_values(array_filter($over, static fn (Laid $laid): bool => $laid->goesBefore($dividing)));
        $then = array_values(array_filter($over, static fn (Laid $laid): bool => ! $laid->goesBefore($dividing)));
        $strands = self::covered($strands, $first);
        if ($parts !== []) {
            $strands = self::taken($strands, $parts, $between);
        } elseif ($leaves) {
            $strands = self::halved($strands, $between);
        }

        return self::covered($strands, $then);
    }

    /**
     * What lies on all of the hair there, but for what is closed in a foil or under a shield by then.
     *
     * @param  non-empty-list<Strand>  $strands
     * @param  list<Laid>  $over  in the order they go on
     * @return non-empty-list<Strand>
     */
    private static function covered(array $strands, array $over): array
    {
        return array_map(static function (Strand $strand) use ($over): Strand {
            foreach ($over as $laid) {
                $strand = $strand->isClosedTo($laid)
                    ? $strand
                    : $strand->with($strand->kind, $strand->share, $laid->as());
            }

            return $strand;
        }, $strands);
    }

    /**
     * @param  non-empty-list<Strand>  $strands
     * @param  list<Laid>  $between
     * @return non-empty-list<Strand>
     */
    private static function halved(array $strands, array $between): array
    {
        $takes = Number::WeaveTakes->value();
        $found = [];
        foreach ($strands as $strand) {
            $found = [
                ...$found,
                ...self::covered([$strand->with(StrandKind::Between, $strand->share->times($takes))], $between),
            ];
            $found[] = $strand->with(StrandKind::Left, $strand->share->times(Fraction::one()->minus($takes)));
        }

        return $found;
    }

    /**
     * What the round's foils and patterns take of the hair.
     *
     * @param  non-empty-list<Laid>  $round
     * @param  list<Cell>  $cells
     * @return list<array{kind: StrandKind, share: Fraction, laid: array{bowl: PlacedBowl, stroke: Stroke}}>
     */
    private static function parts(array $round, array $cells): array
    {
        $parts = [];
        $guessed = count(array_filter($round, static fn (Laid $laid): bool => $laid->isGuessed()));
        foreach ($round as $laid) {
            if (! $laid->divides()) {
                continue;
            }
            $takes = self::takes($laid, max(1, $guessed));
            foreach ($laid->dealt() as [$share, $each, $kind]) {
                if (! $share->isZero()) {
                    $parts[] = ['kind' => $kind, 'share' => $takes->times($share), 'laid' => $each];
                }
            }
        }
        $sum = array_reduce(
            $parts,
            static fn (Fraction $sum, array $part): Fraction => $sum->plus($part['share']),
            Fraction::zero(),
        );
        if ($sum->compare(Fraction::one()) <= 0) {
            return $parts;
        }

        // More foils than there is hair: they share what there is.
        return array_map(
            static fn (array $part): array => ['share' => $part['share']->dividedBy($sum)] + $part,
            $parts,
        );
    }

    /** What part of the hair a stroke takes in all, before its pattern deals it out. */
    private static function takes(Laid $laid, int $guessed): Fraction
    {
        $foils = $laid->stroke->foils ?? $laid->stroke->pattern?->foils();
        if ($foils !== null && $laid->stroke->method?->isPartial() !== false) {
            $regions = array_sum(
                array_map(static fn (Region $region): int => $region->hundredths(), $laid->stroke->regions()),
            );
            $takes = Number::FoilTakes->value()->times(Fraction::of(100 * $foils, $regions));
            $most = Fraction::one()->minus(Number::BetweenLeast->value());

            return $takes->compare($most) > 0 ? $most : $takes;
        }
        if ($laid->stroke->method?->isPartial() === true || $laid->stroke->pattern?->kind === PatternKind::Between) {
            return Number::WeaveTakes->value()->dividedBy(Fraction::of($guessed));
        }

        // Wedges, panels, every other section: the pattern deals out all the hair.
        return $laid->stroke->with === [] ? Number::WeaveTakes->value() : Fraction::one();
    }

    /**
     * A later round's foils take hair that no foil took before, as far as there is any; beyond that, their part of
     * each.
     *
     * @param  non-empty-list<Strand>  $strands
     * @param  non-empty-list<array{kind: StrandKind, share: Fraction, laid: array{bowl: PlacedBowl, stroke: Stroke}}>  $parts
     * @param  list<Laid>  $between
     * @return non-empty-list<Strand>
     */
    private static function taken(array $strands, array $parts, array $between): array
    {
        $untaken = array_filter($strands, static fn (Strand $strand): bool => ! $strand->kind->isTaken());
        $all = self::sum($strands);
        $wanted = array_reduce(
            $parts,
            static fn (Fraction $sum, array $part): Fraction => $sum->plus($part['share']),
            Fraction::zero(),
        )->times($all);
        $from = self::sum($untaken)->compare($wanted) >= 0 ? $untaken : $strands;
        $pool = self::sum($from);
        $found = [];
        foreach ($strands as $strand) {
            if (! in_array($strand, $from, true)) {
                $found[] = $strand;

                continue;
            }
            $left = $strand->share;
            foreach ($parts as $part) {
                $share = $part['share']->times($all)->times($strand->share)->dividedBy($pool);
                $found[] = $strand->with($part['kind'], $share, $part['laid']);
                $left = $left->minus($share);
            }
            if (! $left->isZero() && ! $left->isNegative()) {
                $kind = $strand->kind->isTaken()
                    ? $strand->kind
                    : ($between === [] ? StrandKind::Left : StrandKind::Between);
                $found = [...$found, ...self::covered([$strand->with($kind, $left)], $between)];
            }
        }

        return $found;
    }

    /** @param  array<int, Strand>  $strands */
    private static function sum(array $strands): Fraction
    {
        return array_reduce(
            $strands,
            static fn (Fraction $sum, Strand $strand): Fraction => $sum->plus($strand->share),
            Fraction::zero(),
        );
    }

    /**
     * Strands that meet the same bowls, laid in the same way in the same place along the hair, are one kind.
     *
     * @param  non-empty-list<Strand>  $strands
     * @return non-empty-list<Strand>
     */
    private static function merged(array $strands): array
    {
        $found = [];
        foreach ($strands as $strand) {
            $key = json_encode([
                $strand->kind, $strand->span(), array_map(static fn (array $each): array => [
                    $each['bowl']->sheet->letter, $each['stroke']->manner(),
                ], $strand->laid),
            ], JSON_THROW_ON_ERROR);
            $same = $found[$key] ?? null;
            $found[$key] = $same === null ? $strand : new Strand(
                $same->kind,
                $same->share->plus($strand->share),
                $same->laid,
                [...$same->cells, ...$strand->cells],
                $same->isPartOfPlace,
            );
        }
        usort($found, static fn (Strand $one, Strand $other): int => $other->share->compare($one->share));
        $names = array_map(static fn (Strand $strand): string => serialize($strand->name()), $found);
        $alike = array_count_values($names);

        return array_map(
            static fn (Strand $strand, string $name): Strand => $alike[$name] > 1 ? $strand->bySpan() : $strand,
            $found,
            $names,
        );
    }
}
