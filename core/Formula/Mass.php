<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Core\Units\ScaleStep;

/** How much something is, as far as that is known: to the gram, between two, above one, or not at all. */
final readonly class Mass
{
    /** @param  Bounds  $centigrams  exact, before rounding to the step */
    public function __construct(public Bounds $centigrams, public ScaleStep $step)
    {
    }

    public static function of(Grams $grams, ScaleStep $step): self
    {
        return new self(Bounds::exactly($grams->exactly()), $step);
    }

    /** At the scale's step; null where it is not known to the gram. */
    public function grams(): ?Grams
    {
        $value = $this->centigrams->value();

        return $value === null ? null : $this->rounded($value);
    }

    /** Whether anything is known of it. */
    public function isSaid(): bool
    {
        return $this->centigrams->most !== null || ! $this->centigrams->least->isZero();
    }

    /** 60.0 g, 12.0 g to 15.0 g, more than 30.0 g, up to 15.0 g; empty where nothing is known. */
    public function show(): string
    {
        $least = $this->rounded($this->centigrams->least);
        $most = $this->centigrams->most === null ? null : $this->rounded($this->centigrams->most);

        return match (true) {
            ! $this->isSaid() => '',
            $most === null => "more than {$least->show($this->step)}",
            $least->equals($most) => $most->show($this->step),
            $least->isZero() => "up to {$most->show($this->step)}",
            default => "{$least->show($this->step)} to {$most->show($this->step)}",
        };
    }

    private function rounded(Fraction $centigrams): Grams
    {
        return Grams::rounded($centigrams, $this->step, Rounding::HalfUp);
    }
}
