<?php

declare(strict_types=1);

namespace Core\Weighing;

use Closure;
use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Practice\Number;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LinearProgram;
use Core\Units\Rounding;

/**
 * The fourth way out of an over-pour (our own model): what is still to come is solved anew, so that ratio, strength,
 * level and tone stay within a small miss with the fewest extra grams; of those, the nearest. A linear program over the
 * totals of all lines, what is in the bowl their least: exact, and small.
 */
final readonly class SteerBack
{
    /**
     * @param  array<string, Grams>  $targets  by line, new ones with them
     * @param  list<PlannedLine>  $lines  new ones: another strength
     * @param  Grams  $extra  beyond what the bowl was to be
     * @param  list<array{line: PlannedLine, grams: Grams}>  $toPour
     */
    private function __construct(
        public array $targets,
        public array $lines,
        public Grams $total,
        public Grams $extra,
        public array $toPour,
        public Outcome $outcome,
    ) {
    }

    /**
     * @param  array<string, Pigment>  $pigments  by line, as far as known
     * @param  list<PlannedLine>  $others  other strengths of the developer on the shelf
     * @return ?self null where nothing is over, or where keeping the proportion costs no more
     */
    public static function of(Batch $batch, array $pigments, array $others, HouseRules $rules): ?self
    {
        $over = $batch->over();
        $kept = OverPour::of($batch);
        if ($over === null || $kept === null || $over->part === null) {
            return null;
        }
        $planned = array_values(array_filter(
            $batch->plan->lines,
            static fn (PlannedLine $line): bool => $line->part !== null && ! $line->open,
        ));
        $found = null;
        // Without another strength first: what is on the bench already is nearer at hand.
        foreach ([[], $others] as $more) {
            $point = self::solved($batch, $planned, $more, $pigments, $rules);
            $answer = $point === null ? null : self::rounded($batch, $planned, $more, $point);
            if ($answer !== null && ($found === null || $found->extra->isMoreThan($answer->extra))) {
                $found = $answer;
            }
            if ($more === [] && $others === []) {
                break;
            }
        }

        return $found === null || ! $kept->extra->isMoreThan($found->extra) ? null : $found;
    }

    /**
     * @param  list<PlannedLine>  $planned
     * @param  list<PlannedLine>  $more
     * @param  array<string, Pigment>  $pigments
     * @return ?array<int, Fraction> what each comes to in all, in the order of both lists
     */
    private static function solved(
        Batch $batch,
        array $planned,
        array $more,
        array $pigments,
        HouseRules $rules,
    ): ?array {
        $lines = [...$planned, ...$more];
        $least = array_map(
            static fn (PlannedLine $line): Fraction => ($batch->poured[$line->key] ?? Grams::zero())->exactly(),
            $lines,
        );
        $wanted = array_map(
            static fn (PlannedLine $line): Fraction => ($batch->targets[$line->key] ?? Grams::zero())->exactly(),
            $lines,
        );
        $count = count($lines);
        $equalities = [];
        $next = $count;
        // Variables are what is still poured; what is over gets no more.
        $fixed = static fn (array $coefficients): Fraction => self::scalar($coefficients, $least);
        $overKey = $batch->over()?->key;
        foreach ($lines as $at => $line) {
            if ($line->key === $overKey) {
                $equalities[] = [[$at => Fraction::one()], Fraction::zero()];
            }
        }
        $objective = [];
        foreach (self::measures($lines, $wanted, $pigments, $rules->levelSchool) as [$measure, $limit, $weight]) {
            // measure − over + under = 0; over and under each at most the limit.
            $equalities[] = [
                [...$measure, $next => Fraction::of(-1), $next + 1 => Fraction::one()],
                $fixed($measure)->negated(),
            ];
            foreach ([$next, $next + 1] as $slack => $side) {
                $row = array_map(static fn (Fraction $each): Fraction => $each->negated(), $limit);
                $equalities[] = [
                    [...$row, $side => Fraction::one(), $next + 2 + $slack => Fraction::one()],
                    $fixed($limit),
                ];
                $objective[$side] = $weight;
            }
            $next += 4;
        }
        $all = array_fill(0, $count, Fraction::one());
        $planTotal = self::scalar($all, $wanted);
        // Never less than was wanted.
        $equalities[] = [[...$all, $next => Fraction::of(-1)], $planTotal->minus($fixed($all))];
        $next++;
        $program = LinearProgram::of($next, $equalities);
        $fewest = $program?->least($all);
        if ($program === null || $fewest === null) {
            return null;
        }
        $equalities[] = [$all, $fewest];
        $nearest = LinearProgram::of($next, $equalities);
        if ($nearest === null || $nearest->least($objective) === null) {
            return null;
        }
        $point = $nearest->point();

        return array_map(
            static fn (int $at): Fraction => $least[$at]->plus($point[$at] ?? Fraction::zero()),
            array_keys($lines),
        );
    }

    /**
     * What has to stay as it was: sums over the lines that are zero where it does, what they may come to, and what a
     * miss weighs.
     *
     * @param  list<PlannedLine>  $lines
     * @param  list<Fraction>  $wanted
     * @param  array<string, Pigment>  $pigments
     * @return list<array{list<Fraction>, list<Fraction>, Fraction}>
     */
    private static function measures(array $lines, array $wanted, array $pigments, LevelSchool $school): array
    {
        /** @return Closure(PlannedLine): Fraction */
        $in = static fn (int $part): Closure => static fn (PlannedLine $line): Fraction => $line->part === $part
            ? Fraction::one()
            : Fraction::zero();
        $measures = [];
        $colour = $in(0);
        foreach (array_unique(array_map(static fn (PlannedLine $line): int => $line->part ?? 0, $lines)) as $part) {
            $mass = self::sum($in($part), $lines, $wanted);
            $of = self::sum($colour, $lines, $wanted);
            if ($part > 0 && ! $of->isZero()) {
                $measures[] = self::measure(
                    $in($part),
                    $colour,
                    Number::SteerRatio->value()->times($mass->dividedBy($of)),
                    $lines,
                    $wanted,
                );
            }
        }
        $volume = static fn (PlannedLine $line): Fraction => $line->strength === null
            ? Fraction::zero()
            : $line->strength->volume;
        $brings = static fn (PlannedLine $line): Fraction => $line->strength !== null && $line->part !== 0
            ? Fraction::one()
            : Fraction::zero();
        $measures[] = self::measure(
            static fn (PlannedLine $line): Fraction => $volume($line)->times($brings($line)),
            $brings,
            Number::SteerStrength->value(),
            $lines,
            $wanted,
        );
        $pigment = static fn (PlannedLine $line): ?Pigment => $line->part === 0
            ? ($pigments[$line->key] ?? null)
            : null;
        $carries = static function (PlannedLine $line) use ($pigment, $school): Fraction {
            $of = $pigment($line);

            return $of?->level === null ? Fraction::zero() : $of->bulk->times(
                $school === LevelSchool::Linear ? Fraction::one() : Number::DyeTop->value()->minus($of->level),
            );
        };
        $measures[] = self::measure(
            static fn (PlannedLine $line): Fraction => $carries($line)->times(
                $pigment($line)->level ?? Fraction::zero(),
            ),
            $carries,
            Number::SteerLevel->value(),
            $lines,
            $wanted,
        );
        $dye = static function (PlannedLine $line) use ($pigment): Fraction {
            $of = $pigment($line);

            return $of === null ? Fraction::zero() : $of->bulk->times($of->intensity);
        };
        foreach (ToneFamily::cases() as $family) {
            $tone = static fn (PlannedLine $line): Fraction => $dye($line)->times(
                $pigment($line)?->tone->share($family) ?? Fraction::zero(),
            );
            if (! self::sum($tone, $lines, $wanted)->isZero()) {
                $measures[] = self::measure($tone, $dye, Number::SteerTone->value(), $lines, $wanted);
            }
        }
        // How much of the colour is dye: clear thins it. What nobody can read keeps its share.
        $measures[] = self::measure($dye, $colour, Number::SteerTone->value(), $lines, $wanted);
        foreach ($lines as $line) {
            if ($line->part === 0 && $pigment($line) === null) {
                $measures[] = self::measure(
                    static fn (PlannedLine $each): Fraction => $each->key === $line->key
                        ? Fraction::one()
                        : Fraction::zero(),
                    $colour,
                    Number::SteerTone->value(),
                    $lines,
                    $wanted,
                );
            }
        }

        return array_values(array_filter($measures, static fn (?array $each): bool => $each !== null));
    }

    /**
     * The mean of a value over a weight, held within a limit.
     *
     * @param  Closure(PlannedLine): Fraction  $value
     * @param  Closure(PlannedLine): Fraction  $weight
     * @param  list<PlannedLine>  $lines
     * @param  list<Fraction>  $wanted
     * @return ?array{list<Fraction>, list<Fraction>, Fraction} null where it says nothing
     */
    private static function measure(
        Closure $value,
        Closure $weight,
        Fraction $limit,
        array $lines,
        array $wanted,
    ): ?array {
        $mass = self::sum($weight, $lines, $wanted);
        if ($mass->isZero() || $limit->isZero()) {
            return null;
        }
        $mean = self::sum($value, $lines, $wanted)->dividedBy($mass);
        $misses = array_map(
            static fn (PlannedLine $line): Fraction => $value($line)->minus($mean->times($weight($line))),
            $lines,
        );

        return array_filter($misses, static fn (Fraction $each): bool => ! $each->isZero()) === [] ? null : [
            $misses,
            array_map(static fn (PlannedLine $line): Fraction => $limit->times($weight($line)), $lines),
            Fraction::one()->dividedBy($limit->times($mass)),
        ];
    }

    /**
     * @param  array<mixed>  $coefficients
     * @param  list<Fraction>  $values
     */
    private static function scalar(array $coefficients, array $values): Fraction
    {
        $sum = Fraction::zero();
        foreach ($values as $at => $value) {
            $times = $coefficients[$at] ?? null;
            $sum = $times instanceof Fraction ? $sum->plus($times->times($value)) : $sum;
        }

        return $sum;
    }

    /**
     * @param  Closure(PlannedLine): Fraction  $of
     * @param  list<PlannedLine>  $lines
     * @param  list<Fraction>  $wanted
     */
    private static function sum(Closure $of, array $lines, array $wanted): Fraction
    {
        $all = Fraction::zero();
        foreach ($lines as $at => $line) {
            $all = $all->plus($of($line)->times($wanted[$at]));
        }

        return $all;
    }

    /**
     * At the scale's step.
     *
     * @param  list<PlannedLine>  $planned
     * @param  list<PlannedLine>  $more
     * @param  array<int, Fraction>  $point
     */
    private static function rounded(Batch $batch, array $planned, array $more, array $point): self
    {
        $targets = $batch->targets;
        $lines = $toPour = [];
        foreach ([...$planned, ...$more] as $at => $line) {
            $poured = $batch->poured[$line->key] ?? Grams::zero();
            $grams = Grams::rounded($point[$at], $batch->plan->step, Rounding::HalfUp);
            $grams = $poured->isMoreThan($grams) ? $poured : $grams;
            if (! isset($batch->poured[$line->key])) {
                if ($grams->isZero()) {
                    continue;
                }
                $lines[] = $line;
            }
            $targets[$line->key] = $grams;
            if ($grams->isMoreThan($poured)) {
                $toPour[] = ['line' => $line, 'grams' => $grams->minus($poured)];
            }
        }
        foreach ($batch->plan->lines as $line) {
            // What stands beside the parts is poured as it was to be.
            if ($line->part === null && ! $batch->left($line->key)->isZero()) {
                $toPour[] = ['line' => $line, 'grams' => $batch->left($line->key)];
            }
        }
        $plan = $batch->plan;
        foreach ($lines as $line) {
            $plan = $plan->withLine($line, null);
        }
        $amounts = array_map(
            static fn (PlannedLine $line): Grams => $line->open
                ? $batch->poured[$line->key]
                : ($targets[$line->key] ?? Grams::zero()),
            $plan->lines,
        );
        $total = Grams::sum($amounts);

        return new self(
            targets: $targets,
            lines: $lines,
            total: $total,
            extra: $total->lessAtMost($batch->targetTotal()),
            toPour: $toPour,
            outcome: new Outcome($plan, array_combine(
                array_map(static fn (PlannedLine $line): string => $line->key, $plan->lines),
                $amounts,
            )),
        );
    }
}
