<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Practice\Number;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * A shelf against a wanted shade in whole numbers, a millionth of a level each: what every shade is off by in level and
 * in each tone family, how much it counts in the mean of the levels, and how far it is above the natural that is asked
 * for.
 */
final readonly class BlendForms
{
    public const SCALE = 1_000_000;

    /**
     * @param  list<list<int>>  $off  by shade: level (weighed), then family by family
     * @param  list<int>  $weight  by shade: in the mean of the levels; 0 for what carries none
     * @param  list<list<int>>  $limits  what a blend must have, by limit and shade: their mean must be zero or more
     * @param  list<int>  $most  by shade: steps there are of it
     */
    private function __construct(
        public array $off,
        public array $weight,
        public array $limits,
        public array $most,
        public int $terms,
        public int $steps,
        public int $heaviest,
        public bool $isLinear,
    ) {
    }

    /**
     * @param  list<Candidate>  $shelf
     * @param  Fraction  $leastNatural  0 where no grey is to be covered
     * @param  Fraction  $leastPigment  share of an ordinary shade's pigment; 0 for none
     */
    public static function of(
        Pigment $wanted,
        Fraction $level,
        array $shelf,
        Fraction $leastNatural,
        Fraction $leastPigment,
        int $steps,
        HouseRules $rules,
    ): self {
        $linear = $rules->levelSchool === LevelSchool::Linear;
        $families = [];
        foreach (ToneFamily::cases() as $family) {
            foreach (
                [$wanted, ...array_map(static fn (Candidate $each): Pigment => $each->pigment, $shelf)] as $pigment
            ) {
                if (! $pigment->tone->share($family)->isZero()) {
                    $families[] = $family;
                    break;
                }
            }
        }
        $off = $weights = $natural = $pigmented = $most = [];
        foreach ($shelf as $candidate) {
            $pigment = $candidate->pigment;
            $weight = self::weight($pigment, $linear);
            $form = [$pigment->level === null ? 0 : $weight * self::whole($pigment->level->minus($level))];
            foreach ($families as $family) {
                $form[] = self::whole(
                    $pigment->tone->share($family)->times($pigment->intensity),
                ) - self::whole($wanted->tone->share($family)->times($wanted->intensity));
            }
            $off[] = $form;
            $weights[] = $weight;
            $natural[] = self::whole($pigment->tone->share(ToneFamily::Natural)->minus($leastNatural));
            $pigmented[] = self::whole($pigment->intensity->minus($leastPigment));
            $most[] = $candidate->stock === null ? $steps : min(
                $steps,
                intdiv($candidate->stock->centigrams, $rules->step->centigrams()),
            );
        }

        $limits = [...($leastNatural->isZero() ? [] : [$natural]), ...($leastPigment->isZero() ? [] : [$pigmented])];

        return new self(
            off: $off,
            weight: $weights,
            limits: $limits,
            most: $most,
            terms: count($families) + 1,
            steps: $steps,
            heaviest: max(1, ...$weights),
            isLinear: $linear,
        );
    }

    /** As in MixJudgement: one each, or by dye, here in tenths of the intensity. */
    private static function weight(Pigment $pigment, bool $linear): int
    {
        if ($pigment->level === null) {
            return 0;
        }
        if ($linear) {
            return 1;
        }
        $room = Number::DyeTop->value()->minus($pigment->level);
        $room = $room->compare(Fraction::one()) < 0 ? Fraction::one() : $room;

        return $room->times($pigment->intensity)->times(Fraction::of(60))->rounded(1, Rounding::HalfUp);
    }

    private static function whole(Fraction $value): int
    {
        return $value->times(Fraction::of(self::SCALE))->rounded(1, Rounding::HalfUp);
    }

    /**
     * Millionths of a level times steps: the miss of the mean level, and every miss of pigment.
     *
     * @param  list<int>  $members
     * @param  list<int>  $amounts  steps
     */
    public function cost(array $members, array $amounts): int
    {
        $cost = $level = $mass = 0;
        for ($term = 1; $term < $this->terms; $term++) {
            $sum = 0;
            foreach ($members as $at => $member) {
                $sum += $this->off[$member][$term] * $amounts[$at];
            }
            $cost += $sum < 0 ? -$sum : $sum;
        }
        foreach ($members as $at => $member) {
            $level += $this->off[$member][0] * $amounts[$at];
            $mass += $this->weight[$member] * $amounts[$at];
        }

        return $mass === 0 ? PHP_INT_MAX : $cost + intdiv(abs($level), $mass) * $this->steps + intdiv(
            abs($level) % $mass * $this->steps,
            $mass,
        );
    }
}
