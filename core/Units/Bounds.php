<?php

declare(strict_types=1);

namespace Core\Units;

/** A number that is known, or known to lie between two. */
final readonly class Bounds
{
    public function __construct(public Fraction $least, public Fraction $most)
    {
    }

    public static function exactly(Fraction $value): self
    {
        return new self($value, $value);
    }

    public function isExact(): bool
    {
        return $this->least->equals($this->most);
    }

    /** The value, or the middle of what it can be. */
    public function middle(): Fraction
    {
        return $this->least->plus($this->most)->dividedBy(Fraction::of(2));
    }

    public function show(int $places): string
    {
        return $this->isExact() ? $this->least->decimal($places) : "{$this->least->decimal($places)} to {$this->most->decimal($places)}";
    }
}
