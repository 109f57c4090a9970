<?php

declare(strict_types=1);

namespace Tests\Core\Substitution;

use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Shelf\Pigment;
use Core\Substitution\BlendForms;
use Core\Substitution\Candidate;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;

/** Shelves at random, small enough that every blend of them can be tried. */
final class Shelves
{
    /** @return array{Pigment, list<Candidate>, HouseRules} what is wanted, of what, and by which rules */
    public static function random(LevelSchool $school, int $shades): array
    {
        $shelf = [];
        for ($at = 0; $at < $shades; $at++) {
            $shelf[] = new Candidate(
                sprintf('%02d', $at),
                "shade {$at}",
                self::pigment(),
                mt_rand(0, 2) === 0 ? Grams::ofCentigrams(mt_rand(0, 30) * 100) : null,
            );
        }
        $wanted = new Pigment(Fraction::of(mt_rand(6, 18), 2), self::tone(), Fraction::of(mt_rand(1, 3), 2));

        return [$wanted, $shelf, HouseRules::standard()->withStep(ScaleStep::WholeGram)->withLevelSchool($school)];
    }

    public static function forms(LevelSchool $school, int $shades, int $steps): BlendForms
    {
        [$wanted, $shelf, $rules] = self::random($school, $shades);

        return BlendForms::of(
            wanted: $wanted,
            level: $wanted->level ?? Fraction::zero(),
            shelf: $shelf,
            leastNatural: Fraction::of(mt_rand(0, 2), 4),
            leastPigment: Fraction::of(mt_rand(0, 2), 4),
            steps: $steps,
            rules: $rules,
        );
    }

    /**
     * The least that the members can cost, of every split in whole steps.
     *
     * @param  list<int>  $members
     * @return ?int null where no split of them has what it must have
     */
    public static function least(BlendForms $forms, array $members): ?int
    {
        $least = null;
        foreach (self::splits($forms->steps, count($members)) as $amounts) {
            if (self::isAllowed($forms, $members, $amounts)) {
                $cost = $forms->cost($members, $amounts);
                $least = $cost !== PHP_INT_MAX && ($least === null || $cost < $least) ? $cost : $least;
            }
        }

        return $least;
    }

    /**
     * @param  list<int>  $members
     * @param  list<int>  $amounts
     */
    public static function isAllowed(BlendForms $forms, array $members, array $amounts): bool
    {
        foreach ($members as $at => $member) {
            if ($amounts[$at] < 1 || $amounts[$at] > $forms->most[$member]) {
                return false;
            }
        }
        foreach ($forms->limits as $limit) {
            $sum = 0;
            foreach ($members as $at => $member) {
                $sum += $limit[$member] * $amounts[$at];
            }
            if ($sum < 0) {
                return false;
            }
        }

        return array_sum($amounts) === $forms->steps;
    }

    /** @return list<list<int>> every way to share so many steps, at least one each */
    private static function splits(int $steps, int $members): array
    {
        if ($members === 1) {
            return [[$steps]];
        }
        $splits = [];
        for ($one = 1; $one <= $steps - $members + 1; $one++) {
            foreach (self::splits($steps - $one, $members - 1) as $rest) {
                $splits[] = [$one, ...$rest];
            }
        }

        return $splits;
    }

    private static function pigment(): Pigment
    {
        return match (mt_rand(0, 9)) {
            0 => Pigment::clear(),
            1 => Pigment::booster(ToneMix::only(ToneFamily::Red)),
            default => new Pigment(
                Fraction::of(mt_rand(4, 20), 2), self::tone(), Fraction::of(mt_rand(1, 4), 2),
            ),
        };
    }

    private static function tone(): ToneMix
    {
        $families = ToneFamily::cases();
        $one = ToneMix::only($families[mt_rand(0, count($families) - 1)]);
        $two = ToneMix::only(mt_rand(0, 1) === 0 ? ToneFamily::Natural : $families[mt_rand(0, count($families) - 1)]);

        return ToneMix::mean([[$one, Fraction::of(mt_rand(1, 3))], [$two, Fraction::of(mt_rand(0, 2))]]);
    }
}
