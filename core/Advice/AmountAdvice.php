<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Hair\Density;
use Core\Hair\Length;
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
        if ($job === Job::Regrowth && $regrowth->compare(Fraction::of(2)) > 0) {
            $factor = $factor->times($regrowth)->dividedBy(Fraction::of(2));
            $why[] = Fact::of(
                'why.amount-advice.cm-grown-out-x',
                regrowth: $regrowth->decimal(1),
                factor: $regrowth->dividedBy(Fraction::of(2))->decimal(2),
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

        return new self(self::grams($least, $factor), self::grams($most, $factor), $ofColour, $why, [], false);
    }

    /**
     * From the client's own bowls for the same job, oldest first. The full amount is kept for the first visits;
     * if leftovers keep coming after good ones, it steps down a little; a used amount that has sunk far below
     * the first, with fading or grey noted, is the suspect.
     *
     * @param  non-empty-list<PastUse>  $past
     */
    public static function fromOwn(array $past, HouseRules $rules): self
    {
        $last = $past[count($past) - 1];
        $count = count($past);
        $why = [Fact::of(
            'why.amount-advice.last-time-were-mixed-colour',
            mixed: $last->mixed->text(),
            colour: $last->colour->text(),
            used: $last->used->text(),
        )];
        $colour = $last->colour;
        $recent = array_slice($past, -$rules->goodVisitsBeforeStepDown);
        $steady = count($recent) === $rules->goodVisitsBeforeStepDown && array_reduce(
            $recent,
            static fn (bool $all, PastUse $use): bool => $all && $use->good && ! $use->fadedOrGrey && $use->mixed->lessAtMost($use->used)->centigrams >= $rules->stepDown->centigrams,
            true,
        );
        if ($steady && $colour->isMoreThan($rules->stepDown)) {
            $colour = $colour->minus($rules->stepDown);
            $why[] = Fact::of(
                'why.amount-advice.good-visits-row-left-some',
                goodVisitsBeforeStepDown: $rules->goodVisitsBeforeStepDown,
                stepDown: $rules->stepDown->text(),
            );
        } elseif ($count <= $rules->goodVisitsBeforeStepDown) {
            $why[] = Fact::of('why.amount-advice.full-amount-kept-for-first');
        }
        $alarms = [];
        $first = $past[0];
        $sunk = Fraction::of(
            $last->used->centigrams,
            max(1, $first->used->centigrams),
        )->compare(Number::AmountSunk->value()) <= 0;
        if ($sunk && $last->fadedOrGrey) {
            $alarms[] = Fact::of(
                'why.amount-advice.amount-used-has-sunk-from',
                used: $first->used->text(),
                used2: $last->used->text(),
                count: $count,
            );
            $colour = $first->colour;
        }

        return new self($colour, $colour, true, $why, $alarms, true);
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
