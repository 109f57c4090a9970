<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Fraction;
use Core\Units\Strength;

/**
 * How many levels a line lifts at each strength in its target time. A line may bring its own table;
 * the standard ones are common practice, no source: up to 10 vol deposits, 20 lifts up to 2, 30 up to 3,
 * 40 up to 4; lightener up to 7.
 */
final readonly class LiftTable
{
    /** @param  non-empty-array<int, Fraction>  $levels by volume, rising */
    private function __construct(private array $levels)
    {
    }

    public static function standard(LineKind $kind): self
    {
        return match ($kind) {
            LineKind::Permanent => self::of([
                10 => Fraction::zero(),
                20 => Fraction::of(2),
                30 => Fraction::of(3),
                40 => Fraction::of(4),
            ]),
            LineKind::Lightener => self::of([
                0 => Fraction::of(2),
                10 => Fraction::of(4),
                20 => Fraction::of(5),
                30 => Fraction::of(6),
                40 => Fraction::of(7),
            ]),
            LineKind::Demi, LineKind::Direct, LineKind::Care => self::of([40 => Fraction::zero()]),
        };
    }

    /** @param  non-empty-array<int, Fraction>  $levels by volume */
    public static function of(array $levels): self
    {
        ksort($levels);

        return new self($levels);
    }

    /** Straight between the table's strengths; as at its ends beyond them. */
    public function levelsAt(?Strength $strength): Fraction
    {
        $volume = $strength->volume ?? Fraction::zero();
        $below = null;
        foreach ($this->levels as $at => $levels) {
            $point = Fraction::of($at);
            if ($point->compare($volume) >= 0) {
                if ($below === null || $point->equals($volume)) {
                    return $levels;
                }
                [$low, $lowLevels] = $below;

                return $lowLevels->plus(
                    $levels->minus($lowLevels)->times($volume->minus($low))->dividedBy($point->minus($low)),
                );
            }
            $below = [$point, $levels];
        }

        return $below[1];
    }
}
