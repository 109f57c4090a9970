<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidShare;
use Core\Units\LargestRemainder;
use Core\Units\MixRatio;
use Core\Units\Rounding;
use Core\Units\ScaleStep;

/** A bowl as planned: its ratio, what fills each part, what goes on top, and how much is wanted. */
final readonly class Bowl
{
    public const LARGEST_GRAMS = 3000;

    /**
     * @param  non-empty-list<Part>  $parts  part 0 is the colour
     * @param  list<Additive>  $additives
     *
     * @throws UnworkableBowl when the parts do not fit the ratio
     */
    public function __construct(
        public MixRatio $ratio,
        public array $parts,
        public BowlAmount $amount,
        public array $additives = [],
    ) {
        if (count($ratio->parts) !== count($parts)) {
            throw UnworkableBowl::partsDiffer(count($ratio->parts), count($parts));
        }
    }

    public function withAmount(BowlAmount $amount): self
    {
        return new self($this->ratio, $this->parts, $amount, $this->additives);
    }

    /**
     * Every gram of the bowl at the scale's step. The quantity the person gave sets the colour part;
     * the colour's products add up to it exactly; the other parts follow the rounded colour.
     * A developer that was given in grams is kept as given.
     *
     * @throws UnworkableBowl
     * @throws InvalidShare
     */
    public function work(ScaleStep $step): WorkedBowl
    {
        $worked = $this->workOnce($step);
        while ($this->exceedsStock($worked)) {
            // Rounding within a part may lift one product a step above its stock; a smaller bowl fits.
            $worked = $this->withAmount(BowlAmount::colour($worked->parts[0]->total->minus(Grams::ofCentigrams($step->centigrams()))))->workOnce($step);
        }

        return $worked;
    }

    private function exceedsStock(WorkedBowl $worked): bool
    {
        foreach ($worked->pouringOrder() as $ingredient) {
            $stock = $this->amount->stock[$ingredient->key] ?? null;
            if ($stock !== null && $ingredient->grams->isMoreThan($stock)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @throws UnworkableBowl
     * @throws InvalidShare
     */
    private function workOnce(ScaleStep $step): WorkedBowl
    {
        $exact = $this->colourWanted();
        if ($exact->isZero()) {
            throw UnworkableBowl::nothing();
        }
        // The stock is a ceiling, so it is the one amount that is never rounded up.
        $rounding = $this->amount->kind === AmountKind::Stock ? Rounding::Down : Rounding::HalfUp;
        $colour = Grams::rounded($exact, $step, $rounding);
        $parts = [];
        foreach ($this->parts as $index => $part) {
            $whole = match (true) {
                $index === 0 => $colour,
                $index === 1 && $this->amount->kind === AmountKind::Developer => Grams::rounded($this->amount->grams->exactly(), $step, Rounding::HalfUp),
                default => Grams::rounded($colour->exactly()->times($this->ratio->timesColour($index)), $step, $rounding),
            };
            $parts[] = $this->fill($part, $whole, $step);
        }
        $mixture = Grams::sum(array_map(static fn (WorkedPart $part): Grams => $part->total, $parts));
        $limit = Grams::ofCentigrams(self::LARGEST_GRAMS * 100);
        if ($mixture->isMoreThan($limit)) {
            throw UnworkableBowl::tooLarge($mixture, $limit);
        }
        $additives = array_map(static fn (Additive $additive): WorkedIngredient => new WorkedIngredient(
            $additive->key,
            $additive->label,
            Grams::rounded($additive->dose->amount($colour, $mixture), $step, Rounding::HalfUp),
            Fraction::zero(),
        ), $this->additives);
        foreach ($additives as $additive) {
            if ($additive->grams->isZero()) {
                throw UnworkableBowl::belowStep($additive->label, $step->show());
            }
        }

        return new WorkedBowl($this->ratio, $parts, $additives, $mixture, $this->asked(), $step);
    }

    private function fill(Part $part, Grams $whole, ScaleStep $step): WorkedPart
    {
        $rounded = LargestRemainder::round($part->shares->split($whole->exactly()), $whole, $step);
        $ingredients = [];
        foreach ($part->ingredients as $index => $ingredient) {
            if ($rounded[$index]->isZero()) {
                throw UnworkableBowl::belowStep($ingredient->label, $step->show());
            }
            $ingredients[] = new WorkedIngredient(
                $ingredient->key,
                $ingredient->label,
                $rounded[$index],
                Fraction::of($rounded[$index]->centigrams, $whole->centigrams),
                $ingredient->strength,
            );
        }

        return new WorkedPart($part->name, $whole, $ingredients);
    }

    /** Exact centigrams of the colour part. */
    private function colourWanted(): Fraction
    {
        $given = $this->amount->grams->exactly();

        return match ($this->amount->kind) {
            AmountKind::Total => $given->times($this->ratio->shareOfMixture(0)),
            AmountKind::Colour => $given,
            AmountKind::Developer => $this->ratio->hasDeveloper()
                ? $given->dividedBy($this->ratio->timesColour(1))
                : throw UnworkableBowl::noDeveloperToGive(),
            AmountKind::Ingredient => $this->colourFor($this->amount->ingredient ?? '', $given),
            AmountKind::Shares => $this->parts[0]->shares->whole(),
            AmountKind::Stock => $this->colourFromStock(),
        };
    }

    private function colourFor(string $key, Fraction $amount): Fraction
    {
        foreach ($this->parts as $index => $part) {
            $at = $part->indexOf($key);
            if ($at !== null) {
                return $part->shares->wholeFor($at, $amount)->dividedBy($this->ratio->timesColour($index));
            }
        }
        throw UnworkableBowl::noSuchIngredient();
    }

    /** The scarcest product decides. */
    private function colourFromStock(): Fraction
    {
        $least = null;
        foreach ($this->amount->stock as $key => $grams) {
            $colour = $this->colourFor((string) $key, $grams->exactly());
            $least = $least === null || $colour->compare($least) < 0 ? $colour : $least;
        }

        return $least ?? throw UnworkableBowl::noStock();
    }

    /** The total the person asked for, where that is what they gave. */
    private function asked(): ?Grams
    {
        return $this->amount->kind === AmountKind::Total ? $this->amount->grams : null;
    }
}
