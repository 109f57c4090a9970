<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Formula\Purpose;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Coverage;
use Core\Hair\HairHistory;
use Core\Hair\Placement;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Practice\RefreshEnds;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Shelf\LineKind;

/**
 * A root colour and the coloured lengths below it: one school takes it through for its last minutes every time, the
 * other never combs colour through (common practice, no source). Lengths that are to change get a bowl of their own in
 * both.
 */
final readonly class RootColourOnLengths
{
    /**
     * @param  list<CanvasZone>  $reached  coloured lengths that it lies on, or is taken through
     * @param  list<CanvasZone>  $bare  coloured lengths below it that nothing lies on
     */
    private function __construct(public PlacedBowl $bowl, public array $reached, public array $bare)
    {
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<self> one a bowl that colours roots
     */
    public static function on(Canvas $canvas, array $bowls): array
    {
        $all = self::cells(array_merge(...array_map(static fn (PlacedBowl $bowl): array => $bowl->laid(), $bowls)));
        $found = [];
        foreach ($bowls as $bowl) {
            $roots = array_values(array_filter(
                $bowl->sheet->strokes,
                static fn (Stroke $stroke): bool => $stroke->touchesScalp() && $stroke->method?->isPartial() !== true,
            ));
            if (
                $bowl->line->kind !== LineKind::Permanent
                || $bowl->sheet->details->purpose !== Purpose::Service
                || $roots === []
            ) {
                continue;
            }
            $own = self::cells($bowl->laid());
            $below = [];
            foreach ($roots as $stroke) {
                $below += self::cells(
                    [new Stroke(Placement::of($stroke->placement->regions, [Span::Mids, Span::Ends]))],
                );
            }
            $reached = $bare = [];
            foreach ($canvas->zones as $zone) {
                $keys = array_intersect_key(self::keys($zone), $below);
                if (! self::isKept($zone) || $keys === []) {
                    continue;
                }
                if (array_intersect_key($keys, $own) !== []) {
                    $reached[] = $zone;
                } elseif (array_intersect_key($keys, $all) === []) {
                    $bare[] = $zone;
                }
            }
            $found[] = new self($bowl, $reached, $bare);
        }

        return $found;
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<Caution>
     */
    public static function cautions(Canvas $canvas, array $bowls, HouseRules $rules): array
    {
        $found = [];
        foreach ($rules->refreshEnds === RefreshEnds::Never ? self::on($canvas, $bowls) : [] as $each) {
            if ($each->reached !== []) {
                $found[] = (new Caution('combed-through', Fact::of(
                    'cautions.combed-through',
                    letter: $each->bowl->sheet->letter,
                )))->of(...array_map(static fn (CanvasZone $zone): string => $zone->name, $each->reached));
            }
        }

        return $found;
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<SuggestedBowl>
     */
    public static function suggestions(Canvas $canvas, array $bowls, HouseRules $rules): array
    {
        $found = [];
        foreach ($rules->refreshEnds === RefreshEnds::Judged ? [] : self::on($canvas, $bowls) as $each) {
            $letter = $each->bowl->sheet->letter;
            $every = $rules->refreshEnds === RefreshEnds::EveryTime;
            $zones = $every ? $each->bare : $each->reached;
            if ($zones === []) {
                continue;
            }
            $names = implode(', ', array_map(static fn (CanvasZone $zone): string => $zone->name, $zones));
            $wished = array_filter($zones, static fn (CanvasZone $zone): bool => $zone->hasWish()) !== [];
            $minutes = ($wished ? Number::RefreshMinutes : Number::NoChangeMinutes)->whole();
            $through = $each->bowl->sheet->details->through !== null;
            $found[] = new SuggestedBowl("through-{$letter}", match (true) {
                $every => Fact::of('why.root-colour-on-lengths.take-through', letter: $letter, minutes: $minutes),
                $through => Fact::of('why.root-colour-on-lengths.not-through', letter: $letter),
                default => Fact::of('why.root-colour-on-lengths.only-roots', letter: $letter),
            }, $every ? [
                Fact::of('why.root-colour-on-lengths.house-every-time'),
                $wished
                    ? Fact::of('why.root-colour-on-lengths.for-refresh', zones: $names, minutes: $minutes)
                    : Fact::of('why.root-colour-on-lengths.for-no-change', zones: $names, minutes: $minutes),
            ] : [Fact::of('why.root-colour-on-lengths.house-never', zones: $names)], null, change: match (true) {
                $every => new Change(ChangeKind::Through, $letter, "{$minutes} min"),
                $through => new Change(ChangeKind::Through, $letter, 'no'),
                default => new Change(ChangeKind::Place, $letter, 'roots'),
            });
        }

        return $found;
    }

    /** Coloured before, and to stay the level it is. */
    private static function isKept(CanvasZone $zone): bool
    {
        $gap = $zone->wishLevel === null || $zone->level === null ? null : $zone->wishLevel->minus($zone->level);
        $size = $gap?->isNegative() === true ? $gap->negated() : $gap;

        return ! $zone->offLimits
            && in_array($zone->history, [HairHistory::Coloured, HairHistory::DirectDye, HairHistory::Lightened], true)
            && ($size === null || $size->compare(Number::SameLevel->value()) <= 0);
    }

    /**
     * @param  list<Stroke>  $strokes
     * @return array<string, true>
     */
    private static function cells(array $strokes): array
    {
        $keys = [];
        foreach ($strokes as $stroke) {
            foreach (Coverage::cells($stroke) as $cell) {
                $keys[$cell->key()] = true;
            }
        }

        return $keys;
    }

    /** @return array<string, true> of its lengths */
    private static function keys(CanvasZone $zone): array
    {
        $keys = [];
        foreach ($zone->cells() as $cell) {
            if ($cell->span === Span::Mids || $cell->span === Span::Ends) {
                $keys[$cell->key()] = true;
            }
        }

        return $keys;
    }
}
