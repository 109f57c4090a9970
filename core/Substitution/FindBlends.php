<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Fact;
use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\NumberTooLarge;
use Core\Units\Rounding;

/**
 * The nearest blends of one, two and three shades for a wanted one, by what the judgement says of the mix:
 *
 *     distance = |level of the mix − wanted level| + Σ over tone families |pigment − wanted pigment|   (in levels)
 *
 * the level under the house's school, pigment being tone share × pigment share of the whole blend (our own model).
 * Clear and boosters leave the level alone. Amounts are whole steps of the scale, within stock, together the wanted
 * total. Natural for grey is a bound, not a wish: where some blend has enough of it, no other is given; so is half of
 * the wanted pigment. Another shade must bring the blend nearer by a hundredth of a level.
 *
 * Exact to a millionth of a level a term. Limits: 400 shades, 3 in a blend, and so many looks that nothing holds a
 * worker for much longer than a second; a search that reaches them gives the nearest blends found until then, and says
 * so.
 */
final class FindBlends
{
    public const MOST_SHADES = 400;

    /**
     * @param  list<Candidate>  $shelf  of one line
     * @param  Fraction  $leastNatural  share of natural the blend must keep for grey, 0 where none is asked
     * @return non-empty-list<Blend> best first; the best of one, two and three shades, each only where it is worth it
     *
     * @throws SubstitutionRefused
     */
    public static function for(
        Pigment $wanted,
        Grams $total,
        array $shelf,
        Fraction $leastNatural,
        HouseRules $rules,
    ): array {
        $unit = $rules->step->centigrams();
        $steps = intdiv($total->exactly()->rounded($unit, Rounding::HalfUp), $unit);
        $level = $wanted->level ?? throw SubstitutionRefused::noLevel();
        if (array_filter($shelf, static fn (Candidate $each): bool => $each->pigment->level !== null) === []) {
            throw SubstitutionRefused::emptyShelf();
        }
        if (count($shelf) > self::MOST_SHADES) {
            throw SubstitutionRefused::tooManyShades(self::MOST_SHADES);
        }
        if ($steps < 1) {
            throw SubstitutionRefused::nothingWanted($rules->step->show());
        }
        // The answer must not depend on the order the shelf was read in.
        $far = static fn (Candidate $each): Fraction => self::distance(
            self::judged([new Weighed($each->label, $each->pigment, Fraction::one())], $rules),
            $wanted,
        );
        $own = array_map($far, $shelf);
        $order = array_keys($shelf);
        // Of blends that come equally near, the one of the nearer shades is met first.
        usort(
            $order,
            static fn (int $a, int $b): int => [
                $own[$a]->compare($own[$b]),
                strcmp($shelf[$a]->key, $shelf[$b]->key),
            ] <=> [0, 0],
        );
        $shelf = array_map(static fn (int $at): Candidate => $shelf[$at], $order);
        $half = Number::StandInPigment->value()->times($wanted->intensity);
        $covers = true;
        // What a blend must have is let go only where no blend has it: first the pigment, then the grey cover.
        foreach (
            [
                [$leastNatural, $half],
                [$leastNatural, Fraction::zero()],
                [Fraction::zero(), $half],
                [Fraction::zero(), Fraction::zero()],
            ] as [$natural, $pigment]
        ) {
            $search = BlendSearch::of(
                BlendForms::of(
                    wanted: $wanted,
                    level: $level,
                    shelf: $shelf,
                    leastNatural: $natural,
                    leastPigment: $pigment,
                    steps: $steps,
                    rules: $rules,
                ),
            );
            $covers = $natural->equals($leastNatural);
            if ($search['found'] !== []) {
                break;
            }
        }
        if ($search['found'] === []) {
            throw SubstitutionRefused::notEnoughStock();
        }

        return array_map(
            static fn (array $best): Blend => self::blend(
                members: $best['members'],
                amounts: $best['amounts'],
                shelf: $shelf,
                wanted: $wanted,
                covers: $covers,
                complete: $search['complete'],
                rules: $rules,
            ),
            $search['found'],
        );
    }

    /**
     * How far a mix is from a shade, in levels.
     *
     * @param  MixJudgement  $mix  of known amounts
     */
    public static function distance(MixJudgement $mix, Pigment $wanted): Fraction
    {
        $size = static fn (Fraction $value): Fraction => $value->isNegative() ? $value->negated() : $value;
        $distance = $size(($mix->level?->value() ?? Fraction::zero())->minus($wanted->level ?? Fraction::zero()));
        foreach (ToneFamily::cases() as $family) {
            $has = ($mix->tone ?? ToneMix::none())->share($family)->times($mix->pigmentShare->least);
            $distance = $distance->plus($size($has->minus($wanted->tone->share($family)->times($wanted->intensity))));
        }

        return $distance;
    }

    /**
     * Exactly, or where shares are too finely divided for that, to the thousandth of each.
     *
     * @param  list<Weighed>  $parts
     */
    private static function judged(array $parts, HouseRules $rules): MixJudgement
    {
        try {
            return MixJudgement::of($parts, $rules);
        } catch (NumberTooLarge) {
            $round = static fn (Fraction $value): Fraction => Fraction::of(
                $value->times(Fraction::of(1000))->rounded(1, Rounding::HalfUp),
                1000,
            );

            return MixJudgement::of(array_map(static fn (Weighed $part): Weighed => new Weighed(
                $part->label,
                new Pigment(
                    $part->pigment->level, ToneMix::mean(array_map(
                        static fn (string $family, Fraction $share): array => [
                            ToneMix::only(ToneFamily::from($family)),
                            $round($share),
                        ],
                        array_keys($part->pigment->tone->shares()),
                        $part->pigment->tone->shares(),
                    )),
                    $round($part->pigment->intensity), $part->pigment->doubleNatural,
                ), $part->centigrams), $parts), $rules);
        }
    }

    /**
     * @param  non-empty-list<int>  $members
     * @param  non-empty-list<int>  $amounts  steps
     * @param  list<Candidate>  $shelf
     */
    private static function blend(
        array $members,
        array $amounts,
        array $shelf,
        Pigment $wanted,
        bool $covers,
        bool $complete,
        HouseRules $rules,
    ): Blend {
        $parts = array_map(static fn (int $member, int $amount): array => [
            'candidate' => $shelf[$member], 'grams' => Grams::ofCentigrams($amount * $rules->step->centigrams()),
        ], $members, $amounts);
        usort(
            $parts,
            static fn (array $a, array $b): int => [
                $b['grams']->centigrams,
                $a['candidate']->key,
            ] <=> [$a['grams']->centigrams, $b['candidate']->key],
        );
        $behaves = self::judged(
            array_map(
                static fn (array $part): Weighed => new Weighed(
                    $part['candidate']->label,
                    $part['candidate']->pigment,
                    $part['grams']->exactly(),
                ),
                $parts,
            ),
            $rules,
        );

        return new Blend(
            parts: $parts,
            distance: self::distance($behaves, $wanted),
            behaves: $behaves,
            keepsGreyCover: $covers,
            differs: self::differs($wanted, $behaves, $covers),
            complete: $complete,
        );
    }

    /** @return list<Fact> */
    private static function differs(Pigment $wanted, MixJudgement $behaves, bool $keepsGreyCover): array
    {
        $differs = [];
        $level = $behaves->level?->value()?->minus($wanted->level ?? Fraction::zero());
        if ($level !== null && ! $level->isZero()) {
            $differs[] = $level->isNegative()
                ? Fact::of('why.blend.deeper', levels: $level->negated()->decimal(1))
                : Fact::of('why.blend.lighter', levels: $level->decimal(1));
        }
        foreach (ToneFamily::cases() as $family) {
            $gap = ($behaves->tone ?? ToneMix::none())
                ->share($family)
                ->minus($wanted->tone->share($family))
                ->times(Fraction::of(100));
            if (! $gap->isZero()) {
                $differs[] = $gap->isNegative()
                    ? Fact::of('why.blend.less', percent: $gap->negated()->decimal(0), tone: $family->value)
                    : Fact::of('why.blend.more', percent: $gap->decimal(0), tone: $family->value);
            }
        }
        $strength = $behaves->pigmentShare->least->compare($wanted->intensity);
        if ($strength !== 0) {
            $differs[] = $strength < 0 ? Fact::of('why.blend.less-intense') : Fact::of('why.blend.more-intense');
        }
        if (! $keepsGreyCover) {
            $differs[] = Fact::of('why.blend.covers-grey-less');
        }

        return $differs;
    }
}
