<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** What a bowl comes to when its lines hold these amounts: the numbers that an over-pour may move. */
final readonly class Outcome
{
    /** @param  array<string, Grams>  $amounts by line key */
    public function __construct(private BatchPlan $plan, private array $amounts)
    {
    }

    public static function planned(BatchPlan $plan): self
    {
        $amounts = [];
        foreach ($plan->lines as $line) {
            $amounts[$line->key] = $line->target;
        }

        return new self($plan, $amounts);
    }

    public function total(): Grams
    {
        return Grams::sum($this->amounts);
    }

    /** Colour : developer [: third] as it really is, colour as 1, to two decimals; null without developer. */
    public function ratio(): ?string
    {
        $colour = $this->part(0);
        $parts = max(array_map(static fn (PlannedLine $line): int => $line->part ?? 0, $this->plan->lines)) + 1;
        if ($parts < 2 || $colour->isZero()) {
            return null;
        }
        $shown = [];
        for ($part = 0; $part < $parts; $part++) {
            $shown[] = Fraction::of($this->part($part)->centigrams, $colour->centigrams)->decimal(2);
        }

        return implode(':', $shown);
    }

    /** The developer's strength after blending; null without developer. */
    public function developerStrength(): ?Strength
    {
        $developer = $this->plan->developerPart();

        return $this->strength(static fn (PlannedLine $line): bool => $line->part === $developer);
    }

    /** Of everything in the bowl: what was left of another brings its own. */
    public function strengthOnHead(): ?Strength
    {
        return $this->strength(static fn (PlannedLine $line): bool => true);
    }

    /** @param  callable(PlannedLine): bool  $is */
    private function strength(callable $is): ?Strength
    {
        $volume = null;
        $mass = Fraction::zero();
        foreach ($this->plan->lines as $line) {
            if (! $is($line)) {
                continue;
            }
            $amount = $this->amounts[$line->key]->exactly();
            $mass = $mass->plus($amount);
            if ($line->strength !== null) {
                $volume = ($volume ?? Fraction::zero())->plus($line->strength->volume->times($amount));
            }
        }

        return $volume === null || $volume->isZero() || $mass->isZero()
            ? null
            : Strength::ofVolume($volume->dividedBy($mass));
    }

    /** What share of its part a line takes, in percent to one decimal; null for an additive. */
    public function percent(string $key): ?string
    {
        $line = $this->plan->line($key);
        if ($line->part === null || $this->part($line->part)->isZero()) {
            return null;
        }

        return Fraction::of($this->amounts[$key]->centigrams * 100, $this->part($line->part)->centigrams)->decimal(1);
    }

    private function part(int $part): Grams
    {
        return Grams::sum(array_map(
            fn (PlannedLine $line): Grams => $this->amounts[$line->key],
            array_filter($this->plan->lines, static fn (PlannedLine $line): bool => $line->part === $part),
        ));
    }
}
