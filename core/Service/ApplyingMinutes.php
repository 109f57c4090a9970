<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\Method;
use Core\Hair\Region;
use Core\Hair\Stroke;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Rounding;

/** How long a bowl takes from first touch to last, where nobody said: by its technique (our own model). */
final class ApplyingMinutes
{
    /** Minutes for a whole head of it. */
    private const TABLE = [
        'root-touch-up' => 15,
        'global' => 25,
        'root-shadow' => 8,
        'melt' => 15,
        'hand-painted' => 30,
        'painted-film' => 30,
        'between-foils' => 12,
        'blocks' => 15,
        'gloss' => 8,
        'filler' => 10,
        'protect' => 3,
        'strand' => 2,
        'fine-foils' => 40,
        'chunky-foils' => 30,
        'slice-foils' => 30,
        'backcombed-foils' => 45,
        'lowlights' => 30,
    ];

    /** Where nothing is said of the place: a toner is quick, colour is not. */
    private const UNPLACED = ['demi' => 8, 'direct' => 10, 'care' => 3, 'permanent' => 15, 'lightener' => 30];

    /** @param  list<Stroke>  $strokes */
    public static function of(array $strokes, LineKind $kind): int
    {
        $minutes = 0;
        foreach ($strokes as $stroke) {
            $foils = $stroke->foils ?? $stroke->pattern?->foils() ?? 0;
            $whole = self::TABLE[$stroke->method->value ?? ''] ?? self::UNPLACED[$kind->value];
            $minutes += $foils > 0 && $stroke->method !== Method::BetweenFoils
                ? Number::FoilMinutes->value()->times(Fraction::of($foils))->rounded(1, Rounding::HalfUp)
                // A part of the head takes its part of the time.
                : max(2, intdiv($whole * count($stroke->regions()) + count(Region::cases()) - 1, count(Region::cases())));
        }

        return $strokes === [] ? self::UNPLACED[$kind->value] : max(1, min(240, $minutes));
    }
}
