<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** One part of a worked bowl; its ingredients add up exactly to its total. */
final readonly class WorkedPart
{
    /** @param  list<WorkedIngredient>  $ingredients */
    private function __construct(public string $name, public Grams $total, public array $ingredients)
    {
    }

    /**
     * Its products with their shares of it; one that stands in it twice is poured once.
     *
     * @param  list<WorkedIngredient>  $ingredients
     */
    public static function of(string $name, array $ingredients): self
    {
        $merged = [];
        foreach ($ingredients as $each) {
            $before = $merged[$each->key] ?? null;
            $merged[$each->key] = $before === null ? $each
                : new WorkedIngredient(
                    key: $each->key,
                    label: $each->label,
                    grams: $before->grams->plus($each->grams),
                    share: $each->share,
                    strength: $each->strength,
                    pigment: $each->pigment,
                );
        }
        $total = Grams::sum(array_map(static fn (WorkedIngredient $each): Grams => $each->grams, $merged));
        $share = static fn (WorkedIngredient $each): WorkedIngredient => $each->withShare(
            $total->isZero() ? Fraction::zero() : Fraction::of($each->grams->centigrams, $total->centigrams),
        );

        return new self($name, $total, array_map($share, array_values($merged)));
    }

    /** The strength of this part by mass; null when nothing in it has one. Products without a strength thin it. */
    public function strength(): ?Strength
    {
        return self::strengthIn($this->ingredients, $this->total);
    }

    /**
     * What the oxygen of some products comes to in a whole; null when none of them brings any.
     *
     * @param  list<WorkedIngredient>  $ingredients
     */
    public static function strengthIn(array $ingredients, Grams $whole): ?Strength
    {
        $volume = null;
        foreach ($ingredients as $ingredient) {
            if ($ingredient->strength !== null) {
                $carried = $ingredient->strength->volume->times($ingredient->grams->exactly());
                $volume = $volume?->plus($carried) ?? $carried;
            }
        }

        return $volume === null || $volume->isZero() ? null : Strength::ofVolume($volume->dividedBy($whole->exactly()));
    }
}
