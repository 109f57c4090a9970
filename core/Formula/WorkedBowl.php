<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\ScaleStep;
use Core\Units\Strength;

/** A bowl in grams at the scale's step, extras and additives and all: what is weighed. */
final readonly class WorkedBowl
{
    /**
     * @param  MixRatio  $ratio  as it was given
     * @param  non-empty-list<WorkedPart>  $parts  with the extras that count in them
     * @param  list<WorkedIngredient>  $additives
     * @param  list<WorkedIngredient>  $onTop  extras that count in no part
     * @param  Grams  $mixture  all parts, without extras and additives
     * @param  ?Grams  $asked  the total that was asked for, when a total was
     * @param  int  $developerPart  where the developer stands in the ratio
     * @param  bool  $ratioHolds  false where the products' own grams, or extras, make it another
     */
    public function __construct(
        public MixRatio $ratio,
        public array $parts,
        public array $additives,
        public array $onTop,
        public Grams $mixture,
        public ?Grams $asked,
        public ScaleStep $step,
        public int $developerPart,
        public bool $ratioHolds,
    ) {
    }

    public function total(): Grams
    {
        return Grams::sum(array_map(static fn (WorkedIngredient $each): Grams => $each->grams, $this->pouringOrder()));
    }

    /** True when the step moved the mixture away from the total that was asked for. */
    public function differsFromAsked(): bool
    {
        return $this->asked !== null && ! $this->asked->equals($this->mixture);
    }

    /** The ratio that the grams really are. */
    public function showRatio(): string
    {
        if ($this->ratioHolds || $this->parts[0]->total->isZero()) {
            return $this->ratio->said();
        }
        $times = array_map(
            fn (WorkedPart $part): string => Fraction::of(
                $part->total->centigrams,
                $this->parts[0]->total->centigrams,
            )->decimal(2),
            $this->parts,
        );

        return implode(':', $times);
    }

    public function developer(): ?WorkedPart
    {
        return $this->parts[$this->developerPart] ?? null;
    }

    /** The developer's own strength after blending, before it meets the colour. */
    public function developerStrength(): ?Strength
    {
        return $this->developer()?->strength();
    }

    /**
     * The strength on the head: what is left once colour, third part, extras and additives have diluted the developer.
     * What was left of another bowl brings its own peroxide.
     */
    public function strengthOnHead(): ?Strength
    {
        return WorkedPart::strengthIn($this->pouringOrder(), $this->total());
    }

    /** @return list<WorkedIngredient> of the colour, also what colours on top of the ratio */
    public function colouring(): array
    {
        return [
            ...$this->parts[0]->ingredients,
            ...array_values(array_filter(
                $this->onTop,
                static fn (WorkedIngredient $each): bool => $each->pigment !== null,
            )),
        ];
    }

    /** @return list<WorkedIngredient> in pouring order: part by part, then what is on top, additives last */
    public function pouringOrder(): array
    {
        return [
            ...array_merge(...array_map(static fn (WorkedPart $part): array => $part->ingredients, $this->parts)),
            ...$this->onTop,
            ...$this->additives,
        ];
    }
}
