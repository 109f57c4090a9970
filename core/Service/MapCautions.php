<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Formula\Purpose;
use Core\Hair\Canvas;
use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Hair\HairHistory;
use Core\Hair\Sections;
use Core\Judgement\Caution;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Strength;

/**
 * What fires only where canvas and all bowls are seen together: bare and doubled places, one strength over two
 * histories.
 */
final class MapCautions
{
    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<Caution>
     */
    public static function of(Canvas $canvas, Coverage $coverage, array $bowls): array
    {
        $found = [];
        if ($coverage->uncovered !== []) {
            $found[] = new Caution(
                'uncovered',
                Fact::of('cautions.uncovered', words: Cell::words($coverage->uncovered)),
            );
        }
        if ($coverage->doubled !== []) {
            $found[] = new Caution('doubled', Fact::of('cautions.doubled', words: Cell::words($coverage->doubled)));
        }
        foreach ($bowls as $bowl) {
            $caution = self::darkAndLight($canvas, $bowl);
            if ($caution !== null) {
                $found[] = $caution;
            }
        }

        return [...$found, ...self::contrast($bowls)];
    }

    /**
     * Bowls that were said not to touch, and lie on the same hair.
     *
     * @param  list<PlacedBowl>  $bowls
     * @param  list<array{bowls: list<string>, why: string}>  $apart
     * @return list<Caution>
     */
    public static function touching(array $bowls, array $apart): array
    {
        $cells = $found = [];
        foreach ($bowls as $bowl) {
            foreach ($bowl->strokes as $stroke) {
                foreach (Coverage::cells($stroke) as $cell) {
                    $cells[$bowl->sheet->letter][$cell->key()] = $cell;
                }
            }
        }
        foreach ($apart as ['bowls' => $letters, 'why' => $why]) {
            foreach ($letters as $at => $one) {
                foreach (array_slice($letters, $at + 1) as $other) {
                    $both = array_intersect_key($cells[$one] ?? [], $cells[$other] ?? []);
                    if ($both !== []) {
                        $found[] = new Caution('touching', $why === ''
                            ? Fact::of(
                                'cautions.touching',
                                one: $one,
                                other: $other,
                                cells: Cell::words(array_values($both)),
                            )
                            : Fact::of(
                                'cautions.touching-why',
                                one: $one,
                                other: $other,
                                cells: Cell::words(array_values($both)),
                                why: ucfirst(rtrim($why, '.')),
                            ));
                    }
                }
            }
        }

        return $found;
    }

    /**
     * One level between two bowls needs wide sections; narrow ones vanish (common practice, no source).
     *
     * @param  list<PlacedBowl>  $bowls
     * @return list<Caution>
     */
    private static function contrast(array $bowls): array
    {
        $levels = [];
        foreach ($bowls as $bowl) {
            $levels[$bowl->sheet->letter] = $bowl->mix?->level;
        }
        $found = [];
        foreach ($bowls as $bowl) {
            foreach ($bowl->sheet->strokes as $stroke) {
                foreach (
                    $stroke->pattern === null
                    || Sections::of($stroke) === Sections::Wide ? [] : $stroke->with as $letter
                ) {
                    [$one, $other] = [$levels[$bowl->sheet->letter] ?? null, $levels[$letter] ?? null];
                    if ($one === null || $other === null) {
                        continue;
                    }
                    $between = $one->minus($other);
                    $gap = $between->isNegative() ? $between->negated() : $between;
                    $wide = Number::ContrastWide->value();
                    if ($gap->compare($wide) <= 0) {
                        $found[] = new Caution(
                            'low-contrast',
                            Fact::of(
                                $gap->equals($wide)
                                    ? 'cautions.low-contrast-a-level'
                                    : 'cautions.low-contrast',
                                one: $bowl->sheet->letter,
                                other: $letter,
                                gap: $gap->decimal(1),
                            ),
                        );
                    }
                }
            }
        }

        return $found;
    }

    /** The strength used on dark hair, going over hair already lightened. */
    private static function darkAndLight(Canvas $canvas, PlacedBowl $bowl): ?Caution
    {
        if (
            $bowl->sheet->details->purpose === Purpose::Protect
            || $bowl->strength === null
            || $bowl->strength->compare(Strength::ofVolume(Number::LiftsFrom->value())) < 0
        ) {
            return null;
        }
        $dark = $light = [];
        foreach ($canvas->zones as $zone) {
            if ($zone->level === null || $bowl->strokesOn(...$zone->cells()) === []) {
                continue;
            }
            if ($zone->history === HairHistory::Lightened) {
                $light[] = $zone->name;
            } elseif ($zone->level->compare(Number::DarkBelow->value()) < 0) {
                $dark[] = $zone->name;
            }
        }
        if ($dark === [] || $light === []) {
            return null;
        }
        $what = $bowl->line->kind === LineKind::Lightener ? 'lightener' : 'colour';

        return new Caution(
            'dark-strength-on-light',
            Fact::of(
                'cautions.dark-strength-on-light',
                letter: $bowl->sheet->letter,
                strength: $bowl->strength->showVolume(),
                what: $what,
                value: implode(', ', $dark),
                value2: implode(', ', $light),
            ),
        );
    }
}
