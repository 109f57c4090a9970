<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Formula\Purpose;
use Core\Hair\Canvas;
use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Hair\HairHistory;
use Core\Judgement\Caution;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Strength;

/** What fires only where canvas and all bowls are seen together: bare and doubled places, one strength over two histories. */
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
            $found[] = new Caution('uncovered', 'Wished for, but no bowl goes there: '.Cell::words($coverage->uncovered).'.', 'Paint a bowl on it, or leave it out on purpose.');
        }
        if ($coverage->doubled !== []) {
            $found[] = new Caution('doubled', 'Two bowls of one round, or a bowl on hair that is left out: '.Cell::words($coverage->doubled).'.', 'Take one away, or say that it runs over on purpose.');
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
                        $found[] = new Caution('touching', "Bowls {$one} and {$other} must not touch, and both go on ".Cell::words(array_values($both)).'.', ($why === '' ? '' : ucfirst(rtrim($why, '.')).'. ').'Move one of them, or leave a space between.');
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
                foreach ($stroke->pattern === null || str_contains(mb_strtolower($stroke->width), 'wide') ? [] : $stroke->with as $letter) {
                    [$one, $other] = [$levels[$bowl->sheet->letter] ?? null, $levels[$letter] ?? null];
                    if ($one === null || $other === null) {
                        continue;
                    }
                    $between = $one->minus($other);
                    $gap = $between->isNegative() ? $between->negated() : $between;
                    if ($gap->compare(Fraction::one()) <= 0) {
                        $found[] = new Caution('low-contrast', "{$bowl->sheet->letter} and {$letter} lie {$gap->decimal(1)} ".($gap->equals(Fraction::one()) ? 'level' : 'levels').' apart in one pattern.', 'So little shows only in wide sections: say “wide”, or set the two further apart.');
                    }
                }
            }
        }

        return $found;
    }

    /** The strength used on dark hair, going over hair already lightened. */
    private static function darkAndLight(Canvas $canvas, PlacedBowl $bowl): ?Caution
    {
        if ($bowl->sheet->details->purpose === Purpose::Protect || $bowl->strength === null || $bowl->strength->compare(Strength::vol(20)) < 0) {
            return null;
        }
        $dark = $light = [];
        foreach ($canvas->zones as $zone) {
            if ($zone->level === null || $bowl->strokesOn(...$zone->cells()) === []) {
                continue;
            }
            if ($zone->history === HairHistory::Lightened) {
                $light[] = $zone->name;
            } elseif ($zone->level->compare(Fraction::of(7)) < 0) {
                $dark[] = $zone->name;
            }
        }
        if ($dark === [] || $light === []) {
            return null;
        }
        $what = $bowl->line->kind === LineKind::Lightener ? 'lightener' : 'colour';

        return new Caution(
            'dark-strength-on-light',
            "Bowl {$bowl->sheet->letter}: the same {$bowl->strength->showVolume()} {$what} on dark (".implode(', ', $dark).') and on lightened hair ('.implode(', ', $light).').',
            'Give the lightened hair its own bowl, weaker, or leave it out.',
        );
    }
}
