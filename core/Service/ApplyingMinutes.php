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

    /**
     * Two who each have a side of it take as long as the slower one; who do one stroke together halve it.
     *
     * @param  list<Stroke>  $strokes  shared patterns whole: bowls of a pattern are laid in turn, all along
     */
    public static function of(array $strokes, LineKind $kind): int
    {
        if ($strokes === []) {
            return self::UNPLACED[$kind->value];
        }
        $by = [];
        $anybody = 0;
        foreach ($strokes as $stroke) {
            $minutes = self::stroke($stroke, $kind);
            $people = $stroke->people();
            foreach ($people as $person) {
                $by[$person] = ($by[$person] ?? 0) + intdiv($minutes + count($people) - 1, count($people));
            }
            $anybody += $people === [] ? $minutes : 0;
        }

        return max(1, min(240, $anybody + max([0, ...$by])));
    }

    /**
     * As long as it took this client the last time, where that was the same work; else in the same proportion.
     *
     * @param  list<Stroke>  $strokes
     * @param  int  $took  minutes
     * @param  list<Stroke>  $then
     */
    public static function asBefore(array $strokes, LineKind $kind, int $took, array $then, LineKind $kindThen): int
    {
        $minutes = Fraction::of(
            $took * self::of($strokes, $kind),
            self::of($then, $kindThen),
        )->rounded(1, Rounding::HalfUp);

        return max(1, min(240, $minutes));
    }

    private static function stroke(Stroke $stroke, LineKind $kind): int
    {
        $foils = $stroke->foils ?? $stroke->pattern?->foils() ?? 0;
        $whole = self::TABLE[$stroke->method->value ?? ''] ?? self::UNPLACED[$kind->value];

        return $foils > 0 && $stroke->method !== Method::BetweenFoils
            ? Number::FoilMinutes->value()->times(Fraction::of($foils))->rounded(1, Rounding::HalfUp)
            // A part of the head takes its part of the time.
            : max(2, intdiv($whole * count($stroke->regions()) + count(Region::cases()) - 1, count(Region::cases())));
    }
}
