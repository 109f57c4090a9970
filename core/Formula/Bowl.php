<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\PartRole;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidShare;
use Core\Units\LargestRemainder;
use Core\Units\MixRatio;
use Core\Units\Rounding;
use Core\Units\ScaleStep;

/** A bowl of which everything is known: its ratio, what fills each part, what goes on top, and how much is wanted. */
final readonly class Bowl
{
    public const LARGEST_GRAMS = 3000;

    /**
     * @param  non-empty-list<Part>  $parts  part 0 is the colour
     * @param  list<Additive>  $additives  each with a dose
     * @param  list<Extra>  $extras  each with a known amount
     *
     * @throws UnworkableBowl when the parts do not fit the ratio
     */
    public function __construct(
        public MixRatio $ratio,
        public array $parts,
        public BowlAmount $amount,
        public array $additives = [],
        public array $extras = [],
        public int $developerPart = 1,
    ) {
        if (count($ratio->parts) !== count($parts)) {
            throw UnworkableBowl::partsDiffer(count($ratio->parts), count($parts));
        }
    }

    /**
     * Every gram of the bowl at the scale's step. The quantity the person gave sets the colour part; the colour's
     * products add up to it exactly; the other parts follow the rounded colour, unless their own grams say how much
     * they are: grams that were given are kept, rounded to the step, and the ratio is then what they make it.
     *
     * @throws UnworkableBowl
     * @throws InvalidShare
     */
    public function work(ScaleStep $step): WorkedBowl
    {
        $exact = $this->colourWanted();
        if ($exact->isZero() || $exact->isNegative()) {
            throw UnworkableBowl::nothing();
        }
        $parts = [];
        $holds = true;
        $colour = Grams::zero();
        foreach ($this->parts as $index => $part) {
            $wanted = $index === 0 ? $exact : $colour->exactly()->times($this->ratio->timesColour($index));
            $given = $index === $this->developerPart && $this->amount->kind === AmountKind::Developer;
            [$whole, $total] = self::size(
                $part,
                $given ? $this->amount->grams->exactly() : $wanted,
                $index === 0 || $given,
                $step,
            );
            $colour = $index === 0 ? $total : $colour;
            $holds = $holds && ($index === 0 || $given || self::near($total->exactly(), $wanted, $step));
            $parts[] = self::fill($part, $whole, $total, $step);
        }
        $mixture = Grams::sum(array_map(static fn (WorkedPart $part): Grams => $part->total, $parts));
        $limit = Grams::ofCentigrams(self::LARGEST_GRAMS * 100);
        if ($mixture->isMoreThan($limit)) {
            throw UnworkableBowl::tooLarge($mixture, $limit);
        }
        [$parts, $onTop, $counted] = $this->withExtras($parts, $step);

        return new WorkedBowl(
            ratio: $this->ratio, parts: $parts, additives: $this->additives(
                $colour,
                $mixture,
                $step,
            ), onTop: $onTop, mixture: $mixture,
            asked: $this->amount->kind === AmountKind::Total ? $this->amount->grams : null, step: $step,
            developerPart: $this->developerPart, ratioHolds: $holds && ! $counted,
        );
    }

    /**
     * The part's size before and after rounding. Its own grams say it where they give the whole.
     *
     * @param  bool  $fixed  whether it was given from outside too, so that the two must agree
     * @return array{Fraction, Grams}
     */
    private static function size(Part $part, Fraction $wanted, bool $fixed, ScaleStep $step): array
    {
        $own = $part->shares->whole();
        if ($own !== null && (! $fixed || self::near($own, $wanted, $step))) {
            return [$own, Grams::rounded($own, $step, Rounding::HalfUp)];
        }
        $total = Grams::rounded($wanted, $step, Rounding::HalfUp);

        return [$own === null ? $total->exactly() : $wanted, $total];
    }

    /** Less than a step of the scale apart: the same to whoever weighs it. */
    private static function near(Fraction $one, Fraction $other, ScaleStep $step): bool
    {
        $gap = $one->minus($other);

        return ($gap->isNegative() ? $gap->negated() : $gap)->compare(Fraction::of($step->centigrams())) < 0;
    }

    private static function fill(Part $part, Fraction $whole, Grams $total, ScaleStep $step): WorkedPart
    {
        $rounded = LargestRemainder::round($part->shares->split($whole), $total, $step);
        $ingredients = [];
        foreach ($part->ingredients as $index => $ingredient) {
            if ($rounded[$index]->isZero()) {
                throw UnworkableBowl::belowStep($ingredient->label, $step->show());
            }
            $ingredients[] = new WorkedIngredient(
                key: $ingredient->key,
                label: $ingredient->label,
                grams: $rounded[$index],
                share: Fraction::zero(),
                strength: $ingredient->strength,
                pigment: $ingredient->pigment,
            );
        }

        return WorkedPart::of($part->name, $ingredients);
    }

    /**
     * @param  non-empty-list<WorkedPart>  $parts
     * @return array{non-empty-list<WorkedPart>, list<WorkedIngredient>, bool} and whether any counts in a part
     */
    private function withExtras(array $parts, ScaleStep $step): array
    {
        $onTop = $inside = [];
        foreach ($this->extras as $extra) {
            $grams = Grams::rounded($extra->amount->least->exactly(), $step, Rounding::HalfUp);
            if ($grams->isZero()) {
                throw UnworkableBowl::belowStep($extra->product->label(), $step->show());
            }
            $worked = new WorkedIngredient(
                key: $extra->key(),
                label: "{$extra->product->label()}, extra",
                grams: $grams,
                share: Fraction::zero(),
                strength: $extra->product->strength,
                pigment: $extra->product->pigment,
            );
            $part = $this->partOf($extra->role());
            if ($part === null) {
                $onTop[] = $worked;

                continue;
            }
            $inside[$part][] = $worked;
        }
        $counted = static fn (WorkedPart $part, int $at): WorkedPart => isset($inside[$at]) ? WorkedPart::of(
            $part->name,
            [...$part->ingredients, ...$inside[$at]],
        ) : $part;

        return [array_map($counted, $parts, array_keys($parts)), $onTop, $inside !== []];
    }

    private function partOf(?PartRole $role): ?int
    {
        $part = $role?->place($this->developerPart);

        return $part !== null && isset($this->parts[$part]) ? $part : null;
    }

    /** @return list<WorkedIngredient> */
    private function additives(Grams $colour, Grams $mixture, ScaleStep $step): array
    {
        $worked = [];
        foreach ($this->additives as $additive) {
            $exact = $additive->dose instanceof Dose ? $additive->dose->amount(
                $colour,
                $mixture,
            ) : throw UnworkableBowl::amountNotKnown();
            $grams = Grams::rounded($exact, $step, Rounding::HalfUp);
            $worked[] = $grams->isZero()
                ? throw UnworkableBowl::belowStep($additive->label, $step->show())
                : new WorkedIngredient($additive->key, $additive->label, $grams, Fraction::zero());
        }

        return $worked;
    }

    /** Exact centigrams of the colour part. */
    private function colourWanted(): Fraction
    {
        $given = $this->amount->grams->exactly();

        return match ($this->amount->kind) {
            AmountKind::Total => $given->times($this->ratio->shareOfMixture(0)),
            AmountKind::Colour => $given,
            AmountKind::Developer => $this->ratio->hasDeveloper()
                ? $given->dividedBy($this->ratio->timesColour($this->developerPart))
                : throw UnworkableBowl::noDeveloperToGive(),
            AmountKind::Ingredient => $this->colourFor($this->amount->ingredient ?? '', $given),
            AmountKind::Shares => $this->parts[0]->shares->whole() ?? throw UnworkableBowl::sharesGiveNoAmount(),
        };
    }

    private function colourFor(string $key, Fraction $amount): Fraction
    {
        foreach ($this->parts as $index => $part) {
            $at = $part->indexesOf($key);
            if ($at !== []) {
                $whole = $part->shares->wholeFor($at, $amount) ?? throw UnworkableBowl::fixedIngredientGiven();

                return $whole->dividedBy($this->ratio->timesColour($index));
            }
        }
        throw UnworkableBowl::noSuchIngredient();
    }
}
