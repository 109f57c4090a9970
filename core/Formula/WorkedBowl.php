<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\ScaleStep;
use Core\Units\Strength;

/** A bowl in grams at the scale's step: what is weighed. */
final readonly class WorkedBowl
{
    /**
     * @param  non-empty-list<WorkedPart>  $parts
     * @param  list<WorkedIngredient>  $additives
     * @param  Grams  $mixture  all parts, without additives
     * @param  ?Grams  $asked  the total that was asked for, when a total was
     */
    public function __construct(
        public MixRatio $ratio,
        public array $parts,
        public array $additives,
        public Grams $mixture,
        public ?Grams $asked,
        public ScaleStep $step,
    ) {
    }

    public function total(): Grams
    {
        return $this->mixture->plus(Grams::sum(array_map(static fn (WorkedIngredient $additive): Grams => $additive->grams, $this->additives)));
    }

    /** True when the step moved the mixture away from the total that was asked for. */
    public function differsFromAsked(): bool
    {
        return $this->asked !== null && ! $this->asked->equals($this->mixture);
    }

    /** The developer's own strength after blending, before it meets the colour. */
    public function developerStrength(): ?Strength
    {
        return isset($this->parts[1]) ? $this->parts[1]->strength() : null;
    }

    /**
     * The strength on the head: what is left once colour, third part and additives have diluted the developer.
     */
    public function strengthOnHead(): ?Strength
    {
        $carried = null;
        // What was left of another bowl brings its own peroxide into the colour part.
        foreach ($this->pouringOrder() as $ingredient) {
            if ($ingredient->strength !== null) {
                $volume = $ingredient->strength->volume->times($ingredient->grams->exactly());
                $carried = $carried?->plus($volume) ?? $volume;
            }
        }

        return $carried === null ? null : Strength::ofVolume($carried->dividedBy($this->total()->exactly()));
    }

    /** @return list<WorkedIngredient> in pouring order: part by part, additives last */
    public function pouringOrder(): array
    {
        return [...array_merge(...array_map(static fn (WorkedPart $part): array => $part->ingredients, $this->parts)), ...$this->additives];
    }
}
