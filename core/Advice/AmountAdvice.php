<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Hair\Density;
use Core\Hair\Length;
use Core\Practice\AmountSchool;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * How much to mix. Starting points for an average head (common practice and our own model); better than any
 * table is what this client's own bowls really used.
 */
final readonly class AmountAdvice
{
    /**
     * @param  bool  $ofColour  the amounts are colour grams; else grams of mixture
     * @param  list<Fact>  $why
     * @param  list<Fact>  $alarms  to be said loudly
     */
    private function __construct(
        public Grams $least,
        public Grams $most,
        public bool $ofColour,
        public array $why,
        public array $alarms,
        public bool $fromHistory,
    ) {
    }

    /**
     * @param  Fraction  $regrowth  centimetres grown out
     * @param  int  $foils  how many, for a foil bowl
     *
     * @throws AdviceRefused
     */
    public static function start(
        Job $job,
        Density $density,
        Length $length,
        bool $resistantGrey,
        Fraction $regrowth,
        int $foils,
    ): self {
        [$least, $most, $ofColour, $words] = match ($job) {
            Job::Regrowth => [60, 60, true, Fact::of('why.amount-advice.regrowth-up-2-cm-takes')],
            Job::Whole => [90, 120, true, Fact::of('why.amount-advice.whole-head-shoulder-takes-90')],
            Job::Gloss => [60, 90, false, Fact::of('why.amount-advice.gloss-takes-60-90-g')],
            Job::RootShadow => [30, 45, false, Fact::of('why.amount-advice.root-shadow-takes-30-45')],
            Job::Foils => $foils > 0 ? [
                25,
                35,
                false,
                Fact::of('why.amount-advice.ten-foils-take-25-35'),
            ] : throw AdviceRefused::foilsMissing(),
        };
        $why = [Fact::of('why.amount-advice.start-with', words: $words)];
        $factor = $density->factor();
        if (! $factor->equals(Fraction::one())) {
            $why[] = Fact::of('why.amount-advice.density', density: $density->value, factor: $factor->decimal(1));
        }
        // Along the lengths the length counts; at the root it does not.
        if ($job !== Job::Regrowth && $job !== Job::RootShadow && $length !== Length::Shoulder) {
            $factor = $factor->times($length->factor());
            $why[] = Fact::of(
                'why.amount-advice.length',
                length: $length->value,
                factor: $length->factor()->decimal(1),
            );
        }
        $usual = Number::UsualRegrowth->value();
        if ($job === Job::Regrowth && $regrowth->compare($usual) > 0) {
            $factor = $factor->times($regrowth)->dividedBy($usual);
            $why[] = Fact::of(
                'why.amount-advice.cm-grown-out-x',
                regrowth: $regrowth->decimal(1),
                factor: $regrowth->dividedBy($usual)->decimal(2),
            );
        }
        if ($resistantGrey && $ofColour) {
            $factor = $factor->times(Number::ResistantMore->value());
            $why[] = Fact::of('why.amount-advice.resistant-grey', factor: Number::ResistantMore->value()->decimal(1));
        }
        if ($job === Job::Foils) {
            $factor = $factor->times(Fraction::of($foils, 10));
            $why[] = Fact::of('why.amount-advice.foils', foils: $foils, factor: Fraction::of($foils, 10)->decimal(1));
        }

        return new self(
            least: self::grams($least, $factor),
            most: self::grams($most, $factor),
            ofColour: $ofColour,
            why: $why,
            alarms: [],
            fromHistory: false,
        );
    }

    /**
     * From the client's own bowls for the same job, oldest first. The full amount is kept for the first visits. After
     * so many good ones in a row at one amount, of each of which the step came back, that step may come off: once, and
     * then only after as many more; never below what was used. The visit at which grey shows or colour fades brings
     * back the last amount that covered, at once (common practice, no source).
     *
     * @param  non-empty-list<PastUse>  $past
     */
    public static function fromOwn(array $past, HouseRules $rules): self
    {
        $last = $past[count($past) - 1];
        $why = [Fact::of(
            'why.amount-advice.last-time-were-mixed-colour',
            mixed: $last->mixed->text(),
            colour: $last->colour->text(),
            used: $last->used->text(),
        )];
        $sunk = self::sunk($past, $rules);
        if ($last->fadedOrGrey) {
            $covered = self::lastThatCovered($past);
            $alarms = array_values(array_filter([
                $sunk,
                $covered === null ? Fact::of('why.amount-advice.was-not-enough', used: $last->used->text())
                    : Fact::of(
                        'why.amount-advice.covered-last-with',
                        used: $last->used->text(),
                        covered: $covered->colour->text(),
                    ),
            ]));

            return new self(
                least: $covered->colour ?? $last->colour,
                most: $covered->colour ?? $last->colour,
                ofColour: true,
                why: $why,
                alarms: $alarms,
                fromHistory: true,
            );
        }
        $colour = $last->colour;
        if (self::isSteady($past, $rules) && $rules->amounts === AmountSchool::Generous) {
            $why[] = Fact::of('why.amount-advice.house-stays-generous');
        } elseif (self::isSteady($past, $rules)) {
            $colour = $colour->minus($rules->stepDown);
            $why[] = Fact::of(
                'why.amount-advice.good-visits-row-left-some',
                goodVisitsBeforeStepDown: $rules->goodVisitsBeforeStepDown,
                stepDown: $rules->stepDown->text(),
            );
        } elseif (count($past) <= $rules->goodVisitsBeforeStepDown) {
            $why[] = Fact::of('why.amount-advice.full-amount-kept-for-first');
        }
        if ($sunk !== null) {
            // A drift is said from its first sign; it is no alarm while all is well.
            $why[] = $sunk;
        }

        return new self(least: $colour, most: $colour, ofColour: true, why: $why, alarms: [], fromHistory: true);
    }

    /**
     * What such bowls took on such heads of this house: the middle one of them.
     *
     * @param  list<Grams>  $used  mixture
     * @return ?self null where they are too few to say anything
     */
    public static function fromHouse(array $used): ?self
    {
        if ($used === [] || Fraction::of(count($used))->compare(Number::HouseLeast->value()) < 0) {
            return null;
        }
        usort($used, static fn (Grams $one, Grams $other): int => $one->centigrams <=> $other->centigrams);
        $middle = $used[intdiv(count($used), 2)];

        return new self(least: $middle, most: $middle, ofColour: false, why: [Fact::of(
            'why.amount-advice.house-took',
            count: count($used),
            least: $used[0]->text(),
            most: $used[count($used) - 1]->text(),
            middle: $middle->text(),
        )], alarms: [], fromHistory: true);
    }

    /** @param  non-empty-list<PastUse>  $past */
    private static function isSteady(array $past, HouseRules $rules): bool
    {
        $recent = array_slice($past, -$rules->goodVisitsBeforeStepDown);
        $last = $past[count($past) - 1];
        if (count($recent) < $rules->goodVisitsBeforeStepDown) {
            return false;
        }
        foreach ($recent as $use) {
            // At one amount: since the last step as many again.
            if (
                ! $use->good
                || $use->fadedOrGrey
                || ! $use->colour->equals($last->colour)
                || ! $use->leftAtLeast($rules->stepDown)
            ) {
                return false;
            }
        }

        return true;
    }

    /** @param  non-empty-list<PastUse>  $past */
    private static function lastThatCovered(array $past): ?PastUse
    {
        $last = $past[count($past) - 1];
        foreach (array_reverse($past) as $use) {
            if (! $use->fadedOrGrey && $use->colour->isMoreThan($last->colour)) {
                return $use;
            }
        }

        return null;
    }

    /**
     * The most that was used and what was used last, where a step lies between them.
     *
     * @param  non-empty-list<PastUse>  $past
     */
    private static function sunk(array $past, HouseRules $rules): ?Fact
    {
        $last = $past[count($past) - 1];
        $first = $past[0];
        if ($first->used->isMoreThan($last->used) === false || ! $first->colour->minus(
            $first->colour->isMoreThan($rules->stepDown) ? $rules->stepDown : $first->colour,
        )->isMoreThan(Grams::zero())) {
            return null;
        }
        // In grams of mixture, what the step is of the first bowl.
        $step = $first->mixed->exactly()->times(Fraction::of($rules->stepDown->centigrams, $first->colour->centigrams));
        if ($first->used->minus($last->used)->exactly()->compare($step) < 0) {
            return null;
        }
        $far = Fraction::of(
            $last->used->centigrams,
            $first->used->centigrams,
        )->compare(Number::AmountSunk->value()) <= 0;

        return $last->fadedOrGrey && $far
            ? Fact::of(
                'why.amount-advice.amount-used-has-sunk-from',
                used: $first->used->text(),
                used2: $last->used->text(),
                count: count($past),
            )
            : Fact::of(
                'why.amount-advice.used-less-than-at-first',
                used: $first->used->text(),
                used2: $last->used->text(),
                count: count($past),
            );
    }

    /**
     * The share of each bowl in a pattern of foils: 2:1 is two thirds and one third.
     *
     * @param  list<int>  $pattern
     * @return list<Fraction> together 1
     *
     * @throws AdviceRefused
     */
    public static function pattern(array $pattern): array
    {
        $sum = array_sum($pattern);
        if ($pattern === [] || $sum < 1 || min($pattern) < 0) {
            throw AdviceRefused::emptyPattern();
        }

        return array_map(static fn (int $foils): Fraction => Fraction::of($foils, $sum), $pattern);
    }

    private static function grams(int $grams, Fraction $factor): Grams
    {
        return Grams::ofCentigrams(Fraction::of($grams * 100)->times($factor)->rounded(100, Rounding::HalfUp));
    }
}
