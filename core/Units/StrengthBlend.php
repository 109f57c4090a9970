<?php

declare(strict_types=1);

namespace Core\Units;

/** Developers mixed by mass: the strength of the blend is the mean of the strengths, by weight. */
final readonly class StrengthBlend
{
    /**
     * @param  non-empty-list<array{strength: Strength, share: Fraction}>  $shares shares from 0 to 1, together exactly
     *     1
     */
    private function __construct(public array $shares)
    {
    }

    /**
     * The strength of amounts poured together.
     *
     * @param  non-empty-list<array{Strength, Fraction}>  $amounts  strength and exact mass (any one unit)
     */
    public static function strengthOf(array $amounts): Strength
    {
        $volume = $mass = Fraction::zero();
        foreach ($amounts as [$strength, $amount]) {
            $volume = $volume->plus($strength->volume->times($amount));
            $mass = $mass->plus($amount);
        }

        return Strength::ofVolume($volume->dividedBy($mass));
    }

    /**
     * How to reach a wanted strength from the developers at hand: the developer itself, or the two
     * that lie closest around it. Share of the stronger = (wanted − weaker) ÷ (stronger − weaker).
     *
     * @param  list<Strength>  $shelf
     *
     * @throws InvalidStrength when the shelf does not reach it
     */
    public static function toReach(Strength $wanted, array $shelf): self
    {
        if ($shelf === []) {
            throw InvalidStrength::nothingToBlend($wanted->show());
        }
        usort($shelf, static fn (Strength $a, Strength $b): int => $a->compare($b));
        $below = $above = null;
        foreach ($shelf as $strength) {
            if ($strength->compare($wanted) <= 0) {
                $below = $strength;
            }
            if ($strength->compare($wanted) >= 0) {
                $above ??= $strength;
            }
        }
        if ($below === null || $above === null) {
            throw InvalidStrength::outOfReach($wanted->show(), $shelf[0]->show(), $shelf[count($shelf) - 1]->show());
        }
        if ($below->equals($above)) {
            return new self([['strength' => $below, 'share' => Fraction::one()]]);
        }
        $high = $wanted->volume->minus($below->volume)->dividedBy($above->volume->minus($below->volume));

        return new self([
            ['strength' => $below, 'share' => Fraction::one()->minus($high)],
            ['strength' => $above, 'share' => $high],
        ]);
    }

    /**
     * The blend weighed out at the scale's step, together exactly the total rounded to it.
     *
     * @return non-empty-list<array{strength: Strength, grams: Grams}>
     */
    public function weighed(Grams $total, ScaleStep $step): array
    {
        $whole = Grams::rounded($total->exactly(), $step, Rounding::HalfUp);
        $grams = LargestRemainder::round(
            array_map(static fn (array $each): Fraction => $whole->exactly()->times($each['share']), $this->shares),
            $whole,
            $step,
        );

        return array_map(
            static fn (array $each, Grams $of): array => ['strength' => $each['strength'], 'grams' => $of],
            $this->shares,
            $grams,
        );
    }

    public function isSingle(): bool
    {
        return count($this->shares) === 1;
    }
}
