<?php

declare(strict_types=1);

namespace Core\Units;

/** A number that is known, or known to lie between two, or above one. */
final readonly class Bounds
{
    /** @param  ?Fraction  $most  null where nothing bounds it */
    public function __construct(public Fraction $least, public ?Fraction $most)
    {
    }

    public static function exactly(Fraction $value): self
    {
        return new self($value, $value);
    }

    public function isExact(): bool
    {
        return $this->most !== null && $this->least->equals($this->most);
    }

    /** The value where it is known, never a middle. */
    public function value(): ?Fraction
    {
        return $this->isExact() ? $this->least : null;
    }

    /** Whether every value it can have is above that. */
    public function isSurelyAbove(Fraction $that): bool
    {
        return $this->least->compare($that) > 0;
    }

    public function times(Fraction $factor): self
    {
        return new self($this->least->times($factor), $this->most?->times($factor));
    }

    public function show(int $places): string
    {
        return match (true) {
            $this->most === null => "at least {$this->least->decimal($places)}",
            $this->isExact() => $this->least->decimal($places),
            $this->least->isZero() => "up to {$this->most->decimal($places)}",
            default => "{$this->least->decimal($places)} to {$this->most->decimal($places)}",
        };
    }
}
