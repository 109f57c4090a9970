<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Units\Fraction;

/** A stretch of the head as it was read, and what is wished of it. */
final readonly class CanvasZone
{
    /**
     * @param  string  $id  the same from visit to visit
     * @param  ?Fraction  $natural  level read on the unfaded regrowth, 1 to 12
     * @param  ?Fraction  $level  present level, 1 to 12
     * @param  ?int  $grey  percent
     * @param  string  $historyWords  what was done, in words
     * @param  ?Fraction  $regrowth  centimetres grown out
     * @param  ?Fraction  $wishLevel  null where only a tone, or nothing, is wished
     * @param  ?SecondWish  $also  of a part of its strands
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?Fraction $natural = null,
        public ?Fraction $level = null,
        public Tones $tone = new Tones([]),
        public ?int $grey = null,
        public bool $resistant = false,
        public Porosity $porosity = Porosity::Normal,
        public HairHistory $history = HairHistory::Natural,
        public string $historyWords = '',
        public Confidence $confidence = Confidence::Read,
        public bool $banded = false,
        public string $bandWords = '',
        public ?Fraction $regrowth = null,
        public ?Density $density = null,
        public ?Texture $texture = null,
        public ?Length $length = null,
        public ?Elasticity $elasticity = null,
        public ?Breakage $breakage = null,
        public bool $offLimits = false,
        public ?Fraction $wishLevel = null,
        public Tones $wishTone = new Tones([]),
        public string $wishWords = '',
        public string $note = '',
        public ?SecondWish $also = null,
    ) {
    }

    public function hasWish(): bool
    {
        return $this->wishLevel !== null || $this->wishTone->families !== [];
    }

    /** As the judgement takes it; null until a present level is read. */
    public function judged(bool $damp = false): ?Zone
    {
        if ($this->level === null) {
            return null;
        }

        return new Zone(
            level: $this->level,
            history: $this->history,
            porosity: $this->porosity,
            span: $this->placement->spans[0] ?? null,
            damp: $damp,
            wishLevel: $this->wishLevel,
            wishTone: $this->wishTone->families === [] ? null : $this->wishTone->mix(),
            banded: $this->banded,
            tone: $this->tone->families === [] ? null : $this->tone->mix(),
            grey: $this->grey ?? 0,
            grownAt: $this->natural,
        );
    }

    /** @return list<Cell> */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->placement->regions === [] ? Region::cases() : $this->placement->regions as $region) {
            foreach ($this->placement->spans === [] ? Span::cases() : $this->placement->spans as $span) {
                $cells[] = new Cell($region, $span);
            }
        }

        return $cells;
    }

    /** The same zone as it looks today. */
    public function as(
        ?Fraction $level,
        Tones $tone,
        HairHistory $history,
        ?Fraction $regrowth,
        ?Elasticity $elasticity,
        bool $banded,
    ): self {
        return new self(
            id: $this->id,
            name: $this->name,
            placement: $this->placement,
            natural: $this->natural,
            level: $level,
            tone: $tone,
            grey: $this->grey,
            resistant: $this->resistant,
            porosity: $this->porosity,
            history: $history,
            historyWords: $this->historyWords,
            confidence: $this->confidence,
            banded: $banded,
            bandWords: $this->bandWords,
            regrowth: $regrowth,
            density: $this->density,
            texture: $this->texture,
            length: $this->length,
            elasticity: $elasticity,
            breakage: $this->breakage,
            offLimits: $this->offLimits,
            wishLevel: $this->wishLevel,
            wishTone: $this->wishTone,
            wishWords: $this->wishWords,
            note: $this->note,
            also: $this->also,
        );
    }

    /**
     * The zone once for each of its wishes: strands of which another colour is wished are judged for themselves.
     *
     * @return list<self> the second under an id of its own
     */
    public function byWish(): array
    {
        return $this->also === null
            ? [$this]
            : [$this->wishing($this->id, null), $this->wishing("{$this->id}-also", $this->also)];
    }

    private function wishing(string $id, ?SecondWish $wish): self
    {
        return new self(
            id: $id,
            name: $this->name,
            placement: $this->placement,
            natural: $this->natural,
            level: $this->level,
            tone: $this->tone,
            grey: $this->grey,
            resistant: $this->resistant,
            porosity: $this->porosity,
            history: $this->history,
            historyWords: $this->historyWords,
            confidence: $this->confidence,
            banded: $this->banded,
            bandWords: $this->bandWords,
            regrowth: $this->regrowth,
            density: $this->density,
            texture: $this->texture,
            length: $this->length,
            elasticity: $this->elasticity,
            breakage: $this->breakage,
            offLimits: $this->offLimits,
            wishLevel: $wish === null ? $this->wishLevel : $wish->level,
            wishTone: $wish === null ? $this->wishTone : $wish->tone,
            wishWords: $wish === null ? $this->wishWords : $wish->words,
            note: $this->note,
            also: $this->also,
        );
    }
}
