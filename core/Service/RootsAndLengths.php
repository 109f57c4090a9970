<?php

declare(strict_types=1);

namespace Core\Service;

use Core\CoreException;
use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Formula\Purpose;
use Core\Formula\RewriteBowl;
use Core\Hair\Canvas;
use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Practice\RootOrder;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ChangePlace;
use Core\Shelf\LineKind;
use Core\Shelf\Shelf;
use Core\Units\Strength;

/**
 * Colour that lifts the roots and the lengths of the same hair: a warm scalp lifts its first centimetre more. One
 * school gives the root a deeper or weaker bowl, the other lays mids and ends first (common practice, no source).
 */
final readonly class RootsAndLengths
{
    private function __construct(
        public PlacedBowl $root,
        public Stroke $rootStroke,
        public PlacedBowl $lengths,
        public Stroke $lengthsStroke,
    ) {
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<self> each two strokes once
     */
    public static function on(Canvas $canvas, array $bowls): array
    {
        $roots = $lengths = [];
        foreach ($bowls as $bowl) {
            foreach (self::lifts($bowl) ? $bowl->sheet->strokes : [] as $stroke) {
                foreach (Coverage::cells($stroke) as $cell) {
                    // What takes single strands leaves the hair between them; it is no pass over roots or lengths.
                    if (
                        $stroke->method?->isPartial() !== true
                        && $stroke->pattern === null
                        && self::isLifted($canvas, $bowl, $cell)
                    ) {
                        $region = $cell->region->value;
                        if ($cell->span === Span::Root && $stroke->touchesScalp()) {
                            $roots[$region][] = [$bowl, $stroke];
                        } elseif ($cell->span === Span::Mids || $cell->span === Span::Ends) {
                            $lengths[$region][] = [$bowl, $stroke];
                        }
                    }
                }
            }
        }
        $found = [];
        foreach ($roots as $region => $here) {
            foreach ($here as [$root, $rootStroke]) {
                foreach ($lengths[$region] ?? [] as [$other, $stroke]) {
                    $found[
                        spl_object_id($rootStroke).' '.spl_object_id($stroke)
                    ] = new self($root, $rootStroke, $other, $stroke);
                }
            }
        }

        return array_values($found);
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<Caution> where the plan goes against the house's school; one bowl in one pass is cautioned by itself
     */
    public static function cautions(Canvas $canvas, array $bowls, HouseRules $rules): array
    {
        $found = [];
        foreach (self::on($canvas, $bowls) as $pair) {
            if ($pair->isOnePass()) {
                continue;
            }
            $at = [...($rules->rootOrder === RootOrder::MidsFirst && $pair->comes() < 0 ? ['root-order' => Fact::of(
                'cautions.root-order',
                root: $pair->root->sheet->letter,
                lengths: $pair->lengths->sheet->letter,
            )] : []), ...($rules->rootOrder === RootOrder::RootsFirst
                && $pair->comes() <= 0
                && ! $pair->isRootGentler() ? ['root-as-strong' => Fact::of(
                    'cautions.root-as-strong',
                    root: $pair->root->sheet->letter,
                    lengths: $pair->lengths->sheet->letter,
                )] : [])];
            foreach ($at as $key => $fact) {
                $found[$fact->text()] = new Caution($key, $fact);
            }
        }

        return array_values($found);
    }

    /**
     * What parts a bowl that lifts in one pass, by the house's school.
     *
     * @param  list<PlacedBowl>  $bowls
     * @return list<SuggestedBowl>
     */
    public static function suggestions(Canvas $canvas, array $bowls, Shelf $shelf, HouseRules $rules): array
    {
        $found = [];
        foreach (self::on($canvas, $bowls) as $pair) {
            $letter = $pair->root->sheet->letter;
            if ($pair->isOnePass() && ! isset($found[$letter])) {
                $found[$letter] = $rules->rootOrder === RootOrder::MidsFirst
                    ? new SuggestedBowl("order-{$letter}", Fact::of(
                        'why.roots-and-lengths.mids-first',
                        letter: $letter,
                    ), [
                        Fact::of('why.roots-and-lengths.warm-scalp'),
                        Fact::of('why.roots-and-lengths.house-mids-first'),
                    ], null, change: new Change(ChangeKind::Place, $letter, 'mids first'))
                    : self::gentler($pair->root, $shelf, $rules);
            }
        }

        return array_values(array_filter($found));
    }

    /** Minus where the root is said to come first, plus where the lengths are, zero where nobody said. */
    public function comes(): int
    {
        if ($this->root->round !== $this->lengths->round) {
            return $this->root->round <=> $this->lengths->round;
        }

        return $this->rootStroke->order === null || $this->lengthsStroke->order === null
            ? 0
            : $this->rootStroke->order <=> $this->lengthsStroke->order;
    }

    private function isOnePass(): bool
    {
        return $this->rootStroke === $this->lengthsStroke;
    }

    /** A strength lower, or deeper by half a level or more. */
    private function isRootGentler(): bool
    {
        $weaker = $this->root->strength !== null && $this->lengths->strength !== null
            && $this->root->strength->compare($this->lengths->strength) < 0;
        $one = $this->root->mix?->level;
        $other = $this->lengths->mix?->level;

        return $weaker || (
            $one !== null
            && $other !== null
            && $other->minus($one)->compare(Number::RootDeeper->value()) >= 0
        );
    }

    private static function gentler(PlacedBowl $bowl, Shelf $shelf, HouseRules $rules): ?SuggestedBowl
    {
        $letter = $bowl->sheet->letter;
        foreach ([
            [ChangeKind::Strength, '-1', Fact::of('why.roots-and-lengths.root-weaker', letter: $letter)],
            [ChangeKind::Level, '-0.5', Fact::of('why.roots-and-lengths.root-deeper', letter: $letter)],
        ] as [$kind, $value, $words]) {
            try {
                $root = self::atRoots(
                    ApplyChange::to($bowl->sheet, new Change($kind, $letter, $value), $shelf, $rules),
                    $shelf,
                    $rules,
                );
            } catch (CoreException) {
                continue;
            }
            // A root that would not be lifted at all is not gentler: it stays dark.
            if (
                Cautions::strength($root->known($rules->step))?->compare(
                    Strength::ofVolume(Number::LiftsFrom->value()),
                ) === -1
            ) {
                continue;
            }

            return new SuggestedBowl(
                "order-{$letter}",
                $words,
                [Fact::of('why.roots-and-lengths.warm-scalp'), Fact::of('why.roots-and-lengths.house-roots-first')],
                null,
                Fact::of('why.roots-and-lengths.root-of', job: $bowl->sheet->job === '' ? $letter : $bowl->sheet->job),
                change: new Change(ChangeKind::Place, $letter, 'lengths'),
                like: $root,
            );
        }

        return null;
    }

    /** @throws CoreException */
    private static function atRoots(BowlSheet $sheet, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        return ChangePlace::along(new RewriteBowl($sheet, $shelf, $rules->step), 'roots');
    }

    private static function lifts(PlacedBowl $bowl): bool
    {
        return $bowl->sheet->details->purpose === Purpose::Service
            && ! $bowl->line->kind->depositsOnly()
            && $bowl->strength !== null
            && $bowl->strength->compare(Strength::ofVolume(Number::LiftsFrom->value())) >= 0
            && $bowl->line->lift->levelsAt($bowl->strength)->compare(Number::HotRootLift->value()) >= 0;
    }

    /** Tint does not lift tint; what nobody read is not judged. */
    private static function isLifted(Canvas $canvas, PlacedBowl $bowl, Cell $cell): bool
    {
        $zone = $canvas->zoneAt($cell);

        return $zone !== null && ! $zone->offLimits
            && ($bowl->line->kind === LineKind::Lightener || ! $zone->history->holdsTint());
    }
}
