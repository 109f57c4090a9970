<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** A stretch of hair as it is, and as it is wished. */
final readonly class Zone
{
    /**
     * @param  Fraction  $level  present level, 1 to 12
     * @param  ?Fraction  $wishLevel  null where only the tone is wished
     * @param  bool  $banded  a strip of another level runs through it (old regrowth lines, overlaps)
     * @param  ?ToneMix  $wishTone  null where no tone is wished
     * @param  ?ToneMix  $tone  as it was read; null where nobody named it
     * @param  int  $grey  percent
     * @param  ?Fraction  $grownAt  natural level; null where nobody read it
     */
    public function __construct(
        public Fraction $level,
        public HairHistory $history = HairHistory::Natural,
        public Porosity $porosity = Porosity::Normal,
        public ?Span $span = null,
        public bool $damp = false,
        public ?Fraction $wishLevel = null,
        public ?ToneMix $wishTone = null,
        public bool $banded = false,
        public ?ToneMix $tone = null,
        public int $grey = 0,
        public ?Fraction $grownAt = null,
    ) {
    }

    /** What hair it is like: what such hair did teaches more about it than what other hair did. */
    public function alike(): string
    {
        $place = $this->span === Span::Root || $this->span === Span::Regrowth ? 'root' : 'lengths';

        return match (true) {
            $this->history === HairHistory::Lightened => "{$place}-lightened",
            $this->history->holdsTint() => "{$place}-tinted",
            default => "{$place}-natural",
        };
    }

    /** The same hair, damp or dry. */
    public function asRead(bool $damp): self
    {
        return $this->changed($this->span, $damp);
    }

    /** The same hair, of that span: its root where it begins there. */
    public function at(?Span $span): self
    {
        return $span === null || $this->span === null ? $this : $this->changed($span, $this->damp);
    }

    private function changed(?Span $span, bool $damp): self
    {
        return new self(
            level: $this->level,
            history: $this->history,
            porosity: $this->porosity,
            span: $span,
            damp: $damp,
            wishLevel: $this->wishLevel,
            wishTone: $this->wishTone,
            banded: $this->banded,
            tone: $this->tone,
            grey: $this->grey,
            grownAt: $this->grownAt,
        );
    }

    /** The same hair at another level and with another history, no longer as it was read. */
    public function standing(Fraction $level, HairHistory $history, bool $damp): self
    {
        return new self(
            level: $level,
            history: $history,
            porosity: $this->porosity,
            span: $this->span,
            damp: $damp,
            wishLevel: $this->wishLevel,
            wishTone: $this->wishTone,
            grey: $this->grey,
            grownAt: $this->grownAt,
        );
    }
}
