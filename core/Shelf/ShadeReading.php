<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** What a code was read as, and how. */
final readonly class ShadeReading
{
    /**
     * @param  Fraction  $intensity  1 as usual, 2 doubled, 1/2 muted
     * @param  list<string>  $steps  how it was read, a line a step
     */
    public function __construct(
        public int $level,
        public ToneMix $tone,
        public Fraction $intensity,
        public bool $doubleNatural,
        public array $steps,
    ) {
    }

    /** The same with what a mark behind the code says. */
    public function marked(string $mark, CodeMark $says): self
    {
        [$intensity, $words] = match ($says) {
            CodeMark::Intense => [$this->intensity->times(Fraction::of(2)), 'intense'],
            CodeMark::Muted => [$this->intensity->dividedBy(Fraction::of(2)), 'muted'],
            CodeMark::Nothing => [$this->intensity, 'a mark of the line'],
        };

        return new self(
            $this->level,
            $this->tone,
            $intensity,
            $this->doubleNatural,
            [...$this->steps, "{$mark}: {$words}"],
        );
    }
}
